import { type FormEvent, useId, useRef, useState } from "react";
import type { Schemas } from "../api/client";
import { Against } from "./Against";
import { put } from "./asking";
import { HereAgain } from "./HereAgain";
import { LongText } from "./LongText";
import { NameField } from "./NameField";
import { useLaidBy } from "./useLaidBy";
import { useTries } from "./useTries";
import { useSay, useTongue } from "./words";

interface Props {
  claim: string;
  appeal: Schemas["DoorAppeal"];
  onSent: () => void;
}

/** An appeal against what was decided: why, signed and sent; what is known need not be told again. */
export function AppealForm({ claim, appeal, onSent }: Props) {
  const say = useSay();
  const language = useTongue();
  const keeps = useId();
  const [grounds, setGrounds] = useState("");
  const [whyLate, setWhyLate] = useState("");
  const [keepPaying, setKeepPaying] = useState(false);
  const [name, setName] = useState("");
  const [otherName, setOtherName] = useState("");
  const { against, busy, trying } = useTries();
  const form = useRef<HTMLDetailsElement>(null);
  const isAgain = useLaidBy(
    `claims/${claim}/appeal`,
    (left) => {
      const before = JSON.parse(left.text);
      setGrounds(before.grounds);
      setWhyLate(before.whyLate);
      setKeepPaying(before.keepPaying);
      if (form.current) form.current.open = true;
    },
    grounds || whyLate ? JSON.stringify({ grounds, whyLate, keepPaying }) : "",
  );
  const send = (event: FormEvent) => {
    event.preventDefault();
    setOtherName("");
    void trying(async () => {
      const body = { grounds, keepPaying, whyLate, name, language };
      const response = await put(`claims/${claim}/appeal`, body);
      if (!response.ok) return "failed";
      const taken: Schemas["TakenAppeal"] = await response.json();
      setOtherName(taken.otherName);
      if (!taken.otherName) onSent();
      return "";
    });
  };
  return (
    <details ref={form} className="door-more">
      <summary>{say("appeal.title")}</summary>
      <p className="pb-3">{appeal.until}</p>
      <form onSubmit={send} className="pb-4">
        <HereAgain isAgain={isAgain} />
        {appeal.late && <LongText label={say("appeal.why")} text={whyLate} onText={setWhyLate} />}
        <LongText label={say("appeal.grounds")} text={grounds} onText={setGrounds} />
        {appeal.keeps && (
          <label className="door-tick my-3" htmlFor={keeps}>
            <input
              id={keeps}
              type="checkbox"
              checked={keepPaying}
              onChange={(event) => setKeepPaying(event.target.checked)}
            />
            <span>{say("appeal.keep")}</span>
          </label>
        )}
        <NameField label={say("putRight.name")} name={name} onName={setName} />
        <p role="alert" className={otherName ? "wrong my-3" : "my-3"}>
          {otherName}
        </p>
        <Against says={against && say(against)} />
        <button type="submit" className="door-button door-main" disabled={busy}>
          {say("appeal.send")}
        </button>
      </form>
    </details>
  );
}
