import type { FormEvent } from "react";
import { useTranslation } from "react-i18next";
import { api, type ClaimView, done, type Schemas } from "../api/client";
import { fullDay } from "../parts/format";
import { useTrying } from "../parts/useTrying";

interface Props {
  row: Schemas["Compared"];
  claim: ClaimView;
  onChanged: () => void;
}

/** Two things that should be the same and are not, beside one another, and what is done about it. */
export function Compared({ row, claim, onChanged }: Props) {
  const { t } = useTranslation();
  const [attempt, refusal] = useTrying();
  const settle = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const button = (event.nativeEvent as SubmitEvent).submitter as HTMLButtonElement;
    const because = String(new FormData(event.currentTarget).get("because"));
    attempt(async () => {
      await done(
        api.POST("/api/claims/{number}/comparisons", {
          params: { path: { number: claim.number } },
          body: {
            version: claim.version,
            key: row.key,
            seen: row.seen,
            askThem: button.value === "ask",
            because,
          },
        }),
      );
      onChanged();
    });
  };
  const left = row.settled?.how === "accepted";
  return (
    <div className="border-b border-base-300 py-2">
      <p>
        {row.what}, <span className="case">{row.whose}</span>{" "}
        {!left && <strong className="wrong small">≠ {row.verdictWords}</strong>}
      </p>
      <dl className="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)_minmax(0,1.6fr)] gap-4 mt-1 stacks">
        <div className="border-l-2 border-base-300 pl-2">
          <dt className="soft small">○ {t("ledger.said")}</dt>
          <dd className="case">{row.said || t("compare.nothingSaid")}</dd>
        </div>
        <div className={`border-l-2 pl-2 ${left ? "border-base-300" : "border-error"}`}>
          <dt className="soft small">◇ {row.source || t("compare.signed")}</dt>
          <dd className="case">{row.found || t("compare.nothingFound")}</dd>
        </div>
        <div>
          <dt className="sr-only">{t("compare.why")}</dt>
          <dd className="small">{row.why}</dd>
        </div>
      </dl>
      {row.settled && (
        <p className="small mt-1">
          {t(`compare.${row.settled.how}By`, {
            because: row.settled.because,
            name: row.settled.by,
            day: fullDay(row.settled.at),
          })}
        </p>
      )}
      {!left && claim.state === "open" && (
        <form onSubmit={settle} className="flex flex-wrap gap-3 items-end mt-2">
          <label className="flex flex-col small">
            {t("compare.because")}
            <input
              name="because"
              aria-label={t("compare.becauseOf", { what: row.what, whose: row.whose })}
              className="input input-sm w-96 max-w-full"
              required
            />
          </label>
          <button type="submit" value="leave" className="btn btn-sm btn-primary">
            {t("compare.leave")}
          </button>
          {row.settled?.how !== "asked" && (
            <button type="submit" value="ask" className="btn btn-sm">
              {t("compare.ask")}
            </button>
          )}
          <p role="alert" className="wrong small">
            {refusal}
          </p>
        </form>
      )}
    </div>
  );
}
