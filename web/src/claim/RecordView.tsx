import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, type ClaimView, done, type Schemas } from "../api/client";
import { useSession } from "../api/session";
import { clockTime, shortDay } from "../parts/format";
import { TurnMark } from "../parts/TurnMark";
import { useTrying } from "../parts/useTrying";
import { LetterLine } from "./LetterLine";
import { WritingTo } from "./WritingTo";

interface Props {
  claim: ClaimView;
  letters: Schemas["ListedLetter"][];
  onChanged: () => void;
}

/** Everything that happened, newest first, and the letters that went out; what is to be known is noted here. */
export function RecordView({ claim, letters, onChanged }: Props) {
  const { t } = useTranslation();
  const [sought, setSought] = useState("");
  const session = useSession();
  const isTheirs = claim.holder && (session?.name === claim.holder || session?.role === "senior caseworker");
  const words = sought.trim().toLowerCase();
  const events = [...claim.events]
    .reverse()
    .filter((event) => `${event.words} ${event.actor} ${shortDay(event.at)}`.toLowerCase().includes(words));
  return (
    <div className="px-6 py-4">
      {isTheirs && (
        <p className="mb-4">
          <a className="plain-link" href={`/api/claims/${claim.number}/copy`} download>
            {t("record.copy")}
          </a>{" "}
          <span className="soft small">{t("record.copySays")}</span>
        </p>
      )}
      {letters.length > 0 && (
        <section className="mb-6">
          <h2 className="head">{t("claim.letters")}</h2>
          {letters.map((letter) => (
            <LetterLine key={letter.id} letter={letter} />
          ))}
        </section>
      )}
      {isTheirs && (
        <section className="mb-4">
          <h2 className="head">{t("writing.title")}</h2>
          <WritingTo claim={claim} onChanged={onChanged} />
        </section>
      )}
      <div className="flex flex-wrap gap-x-8 gap-y-3 items-end mb-3">
        <Note claim={claim} onChanged={onChanged} />
        <label className="flex flex-col small ml-auto">
          {t("record.search")}
          <input
            type="search"
            className="input input-sm w-56"
            value={sought}
            onChange={(event) => setSought(event.target.value)}
          />
        </label>
      </div>
      <ol aria-label={t("record.title")}>
        {events.map((event) => (
          <li
            key={`${event.at}${event.words}`}
            className="far stacks grid grid-cols-[9.5rem_1fr_12rem] border-b border-base-300 py-1.5"
          >
            <span className="soft">
              {shortDay(event.at)} {clockTime(event.at)}
            </span>
            <span className="whitespace-pre-line">
              <TurnMark turn={event.turn} /> {event.words}
            </span>
            <span className="soft text-right">{event.actor}</span>
          </li>
        ))}
      </ol>
      {words && events.length === 0 && <p className="soft">{t("record.none")}</p>}
    </div>
  );
}

/** Something to know of a claim, that changes nothing about it. */
function Note({ claim, onChanged }: Pick<Props, "claim" | "onChanged">) {
  const { t } = useTranslation();
  const [text, setText] = useState("");
  const [attempt, refusal] = useTrying();
  const write = (event: FormEvent) => {
    event.preventDefault();
    attempt(async () => {
      await done(
        api.POST("/api/claims/{number}/notes", {
          params: { path: { number: claim.number } },
          body: { text },
        }),
      );
      setText("");
      onChanged();
    });
  };
  return (
    <form onSubmit={write} className="flex flex-wrap gap-3 items-end flex-1 min-w-0">
      <label className="flex flex-col small flex-1 min-w-64">
        {t("record.note")}
        <input
          className="input input-sm w-full"
          maxLength={2000}
          required
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
      </label>
      <button type="submit" className="btn btn-sm">
        {t("record.write")}
      </button>
      {refusal && (
        <p role="alert" className="wrong small">
          {refusal}
        </p>
      )}
    </form>
  );
}
