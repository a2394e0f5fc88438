import { Link } from "@tanstack/react-router";
import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { fullDay } from "../parts/format";

/** Where what became of a report is kept for as long as somebody looks at it. */
export function reportOf(id: string) {
  return ["report", id];
}

/** What was changed by a report, and what that meant for the claims of the household. */
export function Reported({ report }: { report: Schemas["ChangeReport"] }) {
  const { t } = useTranslation();
  return (
    <section className="max-w-4xl" role="status">
      <h2 className="case text-xl">{t("change.done", { day: fullDay(report.on) })}</h2>
      <ul className="mt-2">
        {report.lines.map((line) => (
          <li key={line} className="border-b border-base-300 py-1">
            {line}
          </li>
        ))}
      </ul>
      {report.touched.length > 0 && <h3 className="head mt-5">{t("change.touched")}</h3>}
      {report.touched.map((one) => (
        <p key={one.number} className="border-b border-base-300 py-1">
          <ClaimLink number={one.number} /> {one.before} → {one.after}
        </p>
      ))}
      {report.open.length > 0 && <h3 className="head mt-5">{t("change.open")}</h3>}
      {report.open.map((number) => (
        <p key={number} className="border-b border-base-300 py-1">
          <ClaimLink number={number} />
        </p>
      ))}
      {report.left.length > 0 && <h3 className="head mt-5">{t("change.left")}</h3>}
      {report.left.map((one) => (
        <p key={one.number} className="border-b border-base-300 py-1">
          <ClaimLink number={one.number} /> {one.before}
        </p>
      ))}
      <p className="mt-6">
        <Link to="/households/$id" params={{ id: report.household }} className="btn">
          {t("change.toHousehold")}
        </Link>
      </p>
    </section>
  );
}

function ClaimLink({ number }: { number: string }) {
  return (
    <Link to="/claims/$number" params={{ number }} className="plain-link case mr-3">
      {number}
    </Link>
  );
}
