import type { Schemas } from "../api/client";
import { AskAgain } from "./AskAgain";
import { ClaimCard } from "./ClaimCard";
import { useSay } from "./words";

interface Props {
  claims: Schemas["DoorClaim"][];
  onChanged: () => unknown;
  onAppealed: () => void;
  onBegun: () => Promise<void>;
}

/** Behind the door: where each claim stands, and what else can be asked for. */
export function Inside({ claims, onChanged, onAppealed, onBegun }: Props) {
  const say = useSay();
  return (
    <>
      <h1 className="sr-only">{say("title")}</h1>
      {claims.length === 0 && <p className="py-4">{say("nothing")}</p>}
      {claims.map((claim) => (
        <ClaimCard key={claim.number} claim={claim} onChanged={onChanged} onAppealed={onAppealed} />
      ))}
      <AskAgain onBegun={onBegun} />
    </>
  );
}
