import { type FormEvent, useId, useState } from "react";
import type { Schemas } from "../api/client";
import { Against } from "./Against";
import { put } from "./asking";
import { useTries } from "./useTries";
import { useSay } from "./words";

interface Props {
  /** Where it is asked for. */
  path: string;
  /** What is wanted, said by its element. */
  about: string;
  /** Since when they are asked, in words; empty where they are not. */
  asked: string;
  onAsked: () => void;
}

const AGAINST: Record<string, string> = {
  notAContact: "apply.notContact",
  yourOwn: "signer.own",
  tooOften: "entry.wait",
};

/** Asks another grown-up to sign, at a contact of their own. */
export function AskSigner({ path, about, asked, onAsked }: Props) {
  const say = useSay();
  const id = useId();
  const [contact, setContact] = useState("");
  const [isSent, setSent] = useState(false);
  const { against, busy, trying } = useTries();
  const ask = (event: FormEvent) => {
    event.preventDefault();
    setSent(false);
    void trying(async () => {
      const response = await put(path, { contact });
      if (!response.ok) return "failed";
      const { became }: Schemas["SignerAsked"] = await response.json();
      if (became !== "asked") return AGAINST[became] ?? "failed";
      setContact("");
      setSent(true);
      onAsked();
      return "";
    });
  };
  return (
    <form onSubmit={ask} className="py-2" noValidate>
      {asked && <p className="mb-2">✓ {asked}</p>}
      <label className="block">
        {say("signer.contact")}
        <input
          className="door-field"
          dir="ltr"
          autoComplete="off"
          autoCapitalize="none"
          spellCheck={false}
          maxLength={200}
          aria-describedby={`${about} ${id}`}
          value={contact}
          onChange={(event) => setContact(event.target.value)}
        />
      </label>
      <p id={id} className="soft mt-1 mb-3">
        {say("signer.contactHow")}
      </p>
      <Against says={against && say(against)} />
      <p role="status" className={isSent ? "mb-2 font-bold" : ""}>
        {isSent && say("signer.sent")}
      </p>
      <button type="submit" className="door-button" disabled={busy}>
        {say("signer.ask")}
      </button>
    </form>
  );
}
