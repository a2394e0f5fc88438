import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { fullDay } from "../parts/format";
import { OtherChecks } from "./OtherChecks";

/** What is otherwise since the claim was worked out for a decision: which fact, which check, which amount. */
export function SinceLast({ since }: { since: Schemas["SinceLast"] }) {
  const { t } = useTranslation();
  const { before, after, checks } = since.change;
  const comes = (one: Schemas["Comes"]) => [t(`margin.${one.outcome}`), ...one.awards].join("; ");
  return (
    <section aria-label={t("since.title", { day: fullDay(since.at) })}>
      <h2 className="head">{t("since.title", { day: fullDay(since.at) })}</h2>
      {comes(before) !== comes(after) && (
        <p>
          <span className="soft">{comes(before)} →</span>{" "}
          <span className="font-semibold">{comes(after)}</span>
        </p>
      )}
      <ul>
        {since.facts.map((fact) => (
          <li key={fact.label + fact.after} className="border-t border-base-300 py-1.5">
            {fact.label}: <span className="soft case">{fact.before} →</span>{" "}
            <span className="case font-semibold">{fact.after}</span>
          </li>
        ))}
      </ul>
      <OtherChecks checks={checks} />
    </section>
  );
}
