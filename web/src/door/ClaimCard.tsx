import type { Schemas } from "../api/client";
import { AppealForm } from "./AppealForm";
import { Conversation } from "./Conversation";
import { Count } from "./Count";
import { Telling } from "./Telling";
import { Told } from "./Told";
import { TurnBar } from "./TurnBar";
import { WantedList } from "./WantedList";
import { useSay } from "./words";

/** What can be said of a claim beside a message. */
const SAYINGS = [
  { about: "changed", path: "changed" },
  { about: "withdraw", path: "not-wanted" },
  { about: "notMine", path: "not-mine" },
];

interface Props {
  claim: Schemas["DoorClaim"];
  onChanged: () => void;
  onAppealed: () => void;
}

/** A claim: where it stands first, then what is wanted, then everything else, each behind its name. */
export function ClaimCard({ claim, onChanged, onAppealed }: Props) {
  const say = useSay();
  return (
    <article className="mt-4 mb-10" aria-labelledby={`claim-${claim.number}`}>
      <p className="soft">
        {claim.title} ·{" "}
        <span dir="ltr" className="case whitespace-nowrap">
          {claim.number}
        </span>
      </p>
      <h2 id={`claim-${claim.number}`} className="case text-[1.4rem] leading-snug">
        {claim.line}
      </h2>
      <TurnBar stretches={claim.stretches} />
      {claim.worker && <p>{claim.worker}</p>}
      {claim.wanted.length > 0 && <WantedList claim={claim} onChanged={onChanged} />}
      {claim.granted.length > 0 && (
        <section className="my-4">
          <h3 className="case text-[1.2rem] border-t border-current pt-3">{say("granted.title")}</h3>
          <ul>
            {claim.granted.map((one) => (
              <li key={one}>{one}</li>
            ))}
          </ul>
        </section>
      )}
      <Conversation claim={claim} onChanged={onChanged} />
      <details className="door-more">
        <summary>
          {say("letters.title")} <Count of={claim.letters.length} />
        </summary>
        {claim.letters.length === 0 && <p className="pb-3">{say("letters.none")}</p>}
        <ul className="pb-3">
          {claim.letters.map((letter) => (
            <li key={letter.id} className="py-2">
              <a className="plain-link" href={`/api/door/letters/${letter.id}`}>
                {letter.title}
              </a>{" "}
              <span className="soft">{letter.day}</span>
            </li>
          ))}
        </ul>
      </details>
      <Told claim={claim.number} />
      {claim.appeal && <AppealForm claim={claim.number} appeal={claim.appeal} onSent={onAppealed} />}
      {SAYINGS.map((saying) => (
        <details key={saying.about} className="door-more">
          <summary>{say(`${saying.about}.title`)}</summary>
          <Telling
            path={`claims/${claim.number}/${saying.path}`}
            asks={say(`${saying.about}.says`)}
            sends={say(`${saying.about}.send`)}
            sent={say(`${saying.about}.sent`)}
            onSent={onChanged}
          />
        </details>
      ))}
    </article>
  );
}
