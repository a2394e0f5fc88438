import type { Schemas } from "../api/client";
import { Allowed } from "./Allowed";
import { AskAgain } from "./AskAgain";
import { ClaimCard } from "./ClaimCard";
import { useSay } from "./words";

interface Props {
  standing: Schemas["DoorView"];
  onChanged: () => Promise<unknown>;
  onAppealed: () => void;
  onBegun: () => Promise<void>;
}

/** Behind the door: where each claim stands, and what else can be asked for. */
export function Inside({ standing, onChanged, onAppealed, onBegun }: Props) {
  const say = useSay();
  return (
    <>
      <h1 className="sr-only">{say("title")}</h1>
      {standing.claims.length === 0 && <p className="py-4">{say("nothing")}</p>}
      {standing.claims.map((claim) => (
        <ClaimCard key={claim.number} claim={claim} onChanged={onChanged} onAppealed={onAppealed} />
      ))}
      <Allowed allowed={standing.allowed} onChanged={onChanged} />
      <AskAgain onBegun={onBegun} />
    </>
  );
}
