import type { Schemas } from "../api/client";
import { Ticks } from "./Ticks";
import { useSay } from "./words";

interface Props {
  mayAsk: Schemas["DoorMayAsk"];
  allowed: string[];
  onAllowed: (allowed: string[]) => void;
}

/** Whom whoever signs allows to be asked about them; nobody, unless they say so. */
export function MayAsk({ mayAsk, allowed, onAllowed }: Props) {
  const say = useSay();
  if (mayAsk.whom.length === 0) return null;
  return (
    <fieldset className="my-6">
      <legend className="case text-[1.2rem] mb-1">{say("allow.title")}</legend>
      <p>{say("allow.intro")}</p>
      <Ticks choices={mayAsk.whom} chosen={allowed} onChosen={onAllowed} />
      <p className="soft">{mayAsk.until}</p>
    </fieldset>
  );
}
