import { useTranslation } from "react-i18next";
import type { ClaimView, Schemas } from "../api/client";
import { clockTime, shortDay } from "../parts/format";
import { TurnMark } from "../parts/TurnMark";

/** Everything that happened, newest first, and the letters that went out. */
export function RecordView({ claim, letters }: { claim: ClaimView; letters: Schemas["ListedLetter"][] }) {
  const { t } = useTranslation();
  return (
    <div className="px-6 py-4">
      {letters.length > 0 && (
        <section className="mb-6">
          <h2 className="head">{t("claim.letters")}</h2>
          {letters.map((letter) => (
            <p key={letter.id}>
              <a className="plain-link" href={`/api/letters/${letter.id}`} target="_blank" rel="noreferrer">
                {t(`claim.letter.${letter.kind}`)}, {shortDay(letter.writtenOn)}
              </a>{" "}
              <span className="case soft">{letter.code}</span>
            </p>
          ))}
        </section>
      )}
      <ol>
        {[...claim.events].reverse().map((event, i) => (
          <li
            key={i}
            className="far stacks grid grid-cols-[9.5rem_1fr_12rem] border-b border-base-300 py-1.5"
          >
            <span className="soft">
              {shortDay(event.at)} {clockTime(event.at)}
            </span>
            <span>
              <TurnMark turn={event.turn} /> {event.words}
            </span>
            <span className="soft text-right">{event.actor}</span>
          </li>
        ))}
      </ol>
    </div>
  );
}
