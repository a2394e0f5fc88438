import type { FormEvent } from "react";
import { useTranslation } from "react-i18next";
import { api, type ClaimView, done, type Schemas } from "../api/client";
import { fullDay } from "../parts/format";
import { useTrying } from "../parts/useTrying";
import { LetterShown } from "./LetterShown";
import { useLetterShown } from "./useLetterShown";

interface Props {
  claim: ClaimView;
  less: Schemas["GivesLess"];
  onChanged: () => void;
}

/** It would be less than what stands: the household is told first, and has time to say what is wrong with that. */
export function GivesLess({ claim, less, onChanged }: Props) {
  const { t } = useTranslation();
  const [attempt, refused] = useTrying();
  const { letter, refusal, show, close } = useLetterShown();
  const path = { params: { path: { number: claim.number } } };
  const tell = () =>
    attempt(async () => {
      close();
      await done(api.POST("/api/claims/{number}/notice", { ...path, body: { version: claim.version } }));
      onChanged();
    });
  const answered = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const because = String(new FormData(event.currentTarget).get("because"));
    attempt(async () => {
      await done(
        api.POST("/api/claims/{number}/notice/answer", {
          ...path,
          body: { version: claim.version, because },
        }),
      );
      onChanged();
    });
  };
  return (
    <section aria-label={t("less.title")}>
      <h2 className="head">{t("less.title")}</h2>
      <p className="soft small">{t("less.stands")}</p>
      <List of={less.before} />
      <p className="soft small mt-2">{t("less.now")}</p>
      <List of={less.after} />
      {less.until ? (
        <form onSubmit={answered} className="flex flex-col gap-2 mt-3">
          <p>{t("less.told", { day: fullDay(less.until) })}</p>
          <label className="flex flex-col small">
            {t("less.because")}
            <input name="because" className="input input-sm w-full" autoComplete="off" />
          </label>
          <button type="submit" className="btn btn-sm self-start">
            {t("less.answered")}
          </button>
        </form>
      ) : (
        <>
          <p className="mt-3">{t("less.first")}</p>
          <button
            type="button"
            className="btn btn-sm btn-primary mt-2"
            onClick={() =>
              show(done(api.POST("/api/claims/{number}/notice/preview", { ...path, parseAs: "blob" })))
            }
          >
            {t("less.tell")}
          </button>
        </>
      )}
      {(refusal || refused) && (
        <p role="alert" className="wrong mt-2">
          {refusal || refused}
        </p>
      )}
      {letter && (
        <LetterShown
          title={t("claim.letterTitle", { name: claim.householdName })}
          letter={letter}
          onClose={close}
          send={{ says: t("less.send", { name: claim.householdName }), act: tell }}
        />
      )}
    </section>
  );
}

function List({ of }: { of: string[] }) {
  const { t } = useTranslation();
  return (
    <ul className="case">
      {of.length === 0 && <li>{t("less.nothing")}</li>}
      {of.map((one) => (
        <li key={one}>{one}</li>
      ))}
    </ul>
  );
}
