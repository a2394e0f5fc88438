import { useState } from "react";
import { put } from "./asking";
import { CodeStep } from "./CodeStep";
import { ContactStep } from "./ContactStep";
import { refusedWith, useTries } from "./useTries";
import { useSay, useTongue } from "./words";

interface Props {
  /** What is asked for; none where something begun is gone on with. */
  service?: string;
  onBegun: () => Promise<unknown>;
}

/** The way to an application of one's own: a contact, then the code that came there. */
export function Begin({ service, onBegun }: Props) {
  const say = useSay();
  const language = useTongue();
  const [contact, setContact] = useState("");
  const [sent, setSent] = useState(false);
  const { against, setAgainst, busy, trying } = useTries();

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
    <ContactStep
      contact={contact}
      onContact={setContact}
      how={`${say("apply.contactHow")} ${say("apply.kept")}`}
      onSent={() => setSent(true)}
    />
  );
}
