import { Link } from "@tanstack/react-router";
import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { shortDay } from "../parts/format";
import { Owes } from "./Owes";

/** What a household gets and owes, over all services, and what came from it and went to it. */
export function Gets({ view }: { view: Schemas["HouseholdView"] }) {
  const { t } = useTranslation();
  return (
    <div className="min-w-0">
      <section className="mb-5" aria-label={t("household.gets")}>
        <h2 className="head">{t("household.gets")}</h2>
        {view.gets.length === 0 && <p className="soft">{t("household.getsNothing")}</p>}
        <ul>
          {view.gets.map((one, i) => (
            <li key={i} className="border-b border-base-300 py-1">
              <p>{one.words}</p>
              <p className="small soft">
                <Link to="/claims/$number" params={{ number: one.claim }} className="plain-link">
                  {one.title}
                </Link>
                {" · "}
                {one.from > view.holdsOn
                  ? t("household.begins", { day: shortDay(one.from) })
                  : t("household.since", { day: shortDay(one.from) })}
                {one.until && ` · ${t("household.ends", { day: shortDay(one.until) })}`}
              </p>
            </li>
          ))}
        </ul>
      </section>
      {view.ahead.length > 0 && (
        <section className="mb-5" aria-label={t("household.ahead")}>
          <h2 className="head">{t("household.ahead")}</h2>
          <ul>
            {view.ahead.map((one) => (
              <li key={one.on + one.words} className="border-b border-base-300 py-1">
                <span className="soft small">{shortDay(one.on)}</span> {one.words}
              </li>
            ))}
          </ul>
        </section>
      )}
      {view.owes.length > 0 && <Owes household={view.id} owes={view.owes} />}
      {view.papers.length > 0 && (
        <section className="mb-5" aria-label={t("household.papers")}>
          <h2 className="head">{t("household.papers")}</h2>
          {view.papers.map((paper, i) => (
            <p key={i} className="flex justify-between gap-4 border-b border-base-300 py-1">
              <span>
                {paper.words}
                {paper.person && <span className="case">, {paper.person}</span>}
              </span>
              <span className={paper.accepted === false ? "wrong" : "soft"}>
                {t(
                  paper.accepted == null
                    ? "paper.state.waits"
                    : paper.accepted
                      ? "paper.state.accepted"
                      : "paper.state.returned",
                )}
              </span>
            </p>
          ))}
        </section>
      )}
      {view.letters.length > 0 && (
        <section className="mb-5" aria-label={t("claim.letters")}>
          <h2 className="head">{t("claim.letters")}</h2>
          {view.letters.map((letter) => (
            <p key={letter.id} className="flex justify-between gap-4 border-b border-base-300 py-1">
              <a className="plain-link" href={`/api/letters/${letter.id}`} target="_blank" rel="noreferrer">
                {t(`claim.letter.${letter.kind}`)}
              </a>
              <span className="soft">
                <span className="case">{letter.about}</span>, {shortDay(letter.on)}
              </span>
            </p>
          ))}
        </section>
      )}
    </div>
  );
}
