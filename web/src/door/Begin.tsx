import { type FormEvent, useId, useState } from "react";
import { Against } from "./Against";
import { put } from "./asking";
import { CodeField } from "./CodeField";
import { refusedWith, useTries } from "./useTries";
import { useSay, useTongue } from "./words";

const WRONG = 422;

interface Props {
  /** What is asked for; none where something begun is gone on with. */
  service?: string;
  onBegun: () => Promise<void>;
}

/** The way to an application of one's own: a contact, then the code that came there. */
export function Begin({ service, onBegun }: Props) {
  const say = useSay();
  const language = useTongue();
  const how = useId();
  const [contact, setContact] = useState("");
  const [code, setCode] = useState("");
  const [sent, setSent] = useState(false);
  const { against, setAgainst, busy, trying } = useTries();

  const ask = (event: FormEvent) => {
    event.preventDefault();
    void trying(async () => {
      const response = await put("beginning/code", { contact, language });
      if (!response.ok) {
        return refusedWith(response, response.status === WRONG ? "apply.notContact" : "failed");
      }
      setSent(true);
      return "";
    });
  };
  const enter = (event: FormEvent) => {
    event.preventDefault();
    void trying(async () => {
      const typed = { contact, code: code.replace(/\D/g, ""), service, language };
      const response = await put("beginning/entry", typed);
      if (!response.ok) return refusedWith(response, "apply.wrongCode");
      await onBegun();
      return "";
    });
  };

  return sent ? (
    <form onSubmit={enter} className="pb-4">
      <p role="status" className="mb-4">
        {say("apply.code")}
      </p>
      <CodeField value={code} onChange={setCode} />
      <Against key={against} says={against && say(against)} />
      <div className="flex flex-wrap gap-3 items-center">
        <button type="submit" className="door-button door-main" disabled={busy}>
          {say("entry.go")}
        </button>
        <button
          type="button"
          className="plain-link py-2"
          onClick={() => {
            setSent(false);
            setCode("");
            setAgainst("");
          }}
        >
          {say("apply.back")}
        </button>
      </div>
    </form>
  ) : (
    <form onSubmit={ask} className="pb-4" noValidate>
      <label className="block">
        {say("apply.contact")}
        <input
          className="door-field"
          dir="ltr"
          autoComplete="off"
          autoCapitalize="none"
          spellCheck={false}
          maxLength={200}
          aria-describedby={how}
          value={contact}
          onChange={(event) => setContact(event.target.value)}
        />
      </label>
      <p id={how} className="soft mt-1 mb-4">
        {say("apply.contactHow")} {say("apply.kept")}
      </p>
      <Against says={against && say(against)} />
      <button type="submit" className="door-button door-main" disabled={busy}>
        {say("entry.send")}
      </button>
    </form>
  );
}
