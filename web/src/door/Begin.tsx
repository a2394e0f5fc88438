import { type FormEvent, useId, useState } from "react";
import { Against } from "./Against";
import { put } from "./asking";
import { CodeStep } from "./CodeStep";
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
  const enter = (code: string) => {
    void trying(async () => {
      const typed = { contact, code, service, language };
      const response = await put("beginning/entry", typed);
      if (!response.ok) return refusedWith(response, "apply.wrongCode");
      await onBegun();
      return "";
    });
  };

  return sent ? (
    <CodeStep
      sent={say("apply.code")}
      back={say("apply.back")}
      against={against}
      busy={busy}
      onEnter={enter}
      onBack={() => {
        setSent(false);
        setAgainst("");
      }}
    />
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
