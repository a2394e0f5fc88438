import { type FormEvent, useId } from "react";
import { Against } from "./Against";
import { put } from "./asking";
import { refusedWith, useTries } from "./useTries";
import { useSay, useTongue } from "./words";

const WRONG = 422;

interface Props {
  contact: string;
  onContact: (contact: string) => void;
  /** What is said of the contact below it. */
  how: string;
  onSent: () => void;
}

/** One's own phone or mail address, to which a code is sent. */
export function ContactStep({ contact, onContact, how, onSent }: Props) {
  const say = useSay();
  const language = useTongue();
  const id = useId();
  const { against, busy, trying } = useTries();
  const ask = (event: FormEvent) => {
    event.preventDefault();
    void trying(async () => {
      const response = await put("beginning/code", { contact, language });
      if (!response.ok) {
        return refusedWith(response, response.status === WRONG ? "apply.notContact" : "failed");
      }
      onSent();
      return "";
    });
  };
  return (
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
          aria-describedby={id}
          value={contact}
          onChange={(event) => onContact(event.target.value)}
        />
      </label>
      <p id={id} className="soft mt-1 mb-4">
        {how}
      </p>
      <Against says={against && say(against)} />
      <button type="submit" className="door-button door-main" disabled={busy}>
        {say("entry.send")}
      </button>
    </form>
  );
}
