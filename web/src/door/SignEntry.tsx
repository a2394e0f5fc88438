import { useState } from "react";
import { put } from "./asking";
import { CodeStep } from "./CodeStep";
import { ContactStep } from "./ContactStep";
import { refusedWith, useTries } from "./useTries";
import { useSay } from "./words";

interface Props {
  onEntered: () => void;
}

/** The way to what one was asked to sign: one's own contact, the code that came there, and when one was born. */
export function SignEntry({ onEntered }: Props) {
  const say = useSay();
  const [contact, setContact] = useState("");
  const [born, setBorn] = useState("");
  const [sent, setSent] = useState(false);
  const { against, setAgainst, busy, trying } = useTries();
  const enter = (code: string) => {
    void trying(async () => {
      const response = await put("signing/entry", { contact, code, born: born || undefined });
      if (!response.ok) return refusedWith(response, "signer.wrong");
      onEntered();
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
    >
      <label className="block mb-4">
        {say("signer.born")}
        <input
          type="date"
          className="door-field"
          autoComplete="off"
          required
          value={born}
          onChange={(event) => setBorn(event.target.value)}
        />
      </label>
    </CodeStep>
  ) : (
    <ContactStep
      contact={contact}
      onContact={setContact}
      how={say("signer.how")}
      onSent={() => setSent(true)}
    />
  );
}
