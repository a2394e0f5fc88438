import { useRef, useState } from "react";
import type { Schemas } from "../api/client";
import { Against } from "./Against";
import { put } from "./asking";
import { refusedWith, useTries } from "./useTries";
import { useSay } from "./words";

interface Props {
  allowed: Schemas["DoorAllowed"][];
  onChanged: () => Promise<unknown>;
}

/** Whom the applicant allows to be asked about them, each to be taken back. */
export function Allowed({ allowed, onChanged }: Props) {
  const say = useSay();
  const { against, busy, trying } = useTries();
  const [isGone, setGone] = useState(false);
  const gone = useRef<HTMLParagraphElement>(null);
  if (allowed.length === 0 && !isGone) return null;
  const takeBack = (to: string) =>
    trying(async () => {
      const response = await put("allowed/taken-back", { to });
      if (!response.ok) return refusedWith(response, "failed");
      setGone(true);
      await onChanged();
      // The button that was pressed is not there any more.
      gone.current?.focus();
      return "";
    });
  return (
    <details className="door-more mt-8">
      <summary>{say("allowed.title")}</summary>
      <Against says={against && say(against)} />
      <ul>
        {allowed.map((one) => (
          <li key={one.to} className="py-2">
            <span id={`allowed-${one.to}`}>{one.words}</span>
            {one.until && <span className="soft"> ({one.until})</span>}
            <button
              type="button"
              className="door-button mt-1 block"
              aria-describedby={`allowed-${one.to}`}
              disabled={busy}
              onClick={() => takeBack(one.to)}
            >
              {say("allowed.noMore")}
            </button>
          </li>
        ))}
      </ul>
      <p role="status" ref={gone} tabIndex={-1} className={isGone ? "my-2 font-bold" : ""}>
        {isGone && say("allowed.gone")}
      </p>
    </details>
  );
}
