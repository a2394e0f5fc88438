import { type FormEvent, useId, useState } from "react";
import type { Schemas } from "../api/client";
import { Against } from "./Against";
import { put } from "./asking";
import { LongText } from "./LongText";
import { NameField } from "./NameField";
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
    <details className="door-more">
      <summary>{say("appeal.title")}</summary>
      <p className="pb-3">{appeal.until}</p>
      <form onSubmit={send} className="pb-4">
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
