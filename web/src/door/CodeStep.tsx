import { type FormEvent, type ReactNode, useState } from "react";
import { Against } from "./Against";
import { useSay } from "./words";

interface Props {
  /** That it is on its way. */
  sent: string;
  /** The way back. */
  back: string;
  against: string;
  busy: boolean;
  onEnter: (code: string) => void;
  onBack: () => void;
  /** What else is asked, or said, below the code. */
  children?: ReactNode;
}

/** The place for the code that is waited for; a phone offers it as it comes. */
export function CodeStep({ sent, back, against, busy, onEnter, onBack, children }: Props) {
  const say = useSay();
  const [code, setCode] = useState("");
  const enter = (event: FormEvent) => {
    event.preventDefault();
    onEnter(code.replace(/\D/g, ""));
  };
  return (
    <form onSubmit={enter} className="pb-4">
      <p role="status" className="mb-4">
        {sent}
      </p>
      <label className="block mb-4">
        {say("entry.code")}
        <input
          className="door-field case text-[1.4rem] tracking-[0.3em]"
          dir="ltr"
          inputMode="numeric"
          autoComplete="one-time-code"
          maxLength={9}
          // biome-ignore lint/a11y/noAutofocus: it is what is waited for now.
          autoFocus
          required
          value={code}
          onChange={(event) => setCode(event.target.value)}
        />
      </label>
      {children}
      <Against key={against} says={against && say(against)} />
      <div className="flex flex-wrap gap-3 items-center">
        <button type="submit" className="door-button door-main" disabled={busy}>
          {say("entry.go")}
        </button>
        <button type="button" className="plain-link py-2" onClick={onBack}>
          {back}
        </button>
      </div>
    </form>
  );
}
