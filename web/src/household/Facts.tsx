import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";

/** What the office goes by of a household, as a person would say it; what does not agree first. */
export function Facts({ view }: { view: Schemas["HouseholdView"] }) {
  const { t } = useTranslation();
  return (
    <div className="min-w-0">
      {view.contested.length > 0 && (
        <section className="mb-5" aria-label={t("ledger.disputed")}>
          <h2 className="head">{t("ledger.disputed")}</h2>
          <div className="overflow-x-auto">
            <table className="w-full">
              <thead>
                <tr className="text-left small soft">
                  <th className="font-normal" />
                  <th className="font-normal pr-4">{t("household.said")}</th>
                  <th className="font-normal pr-4">{t("household.shown")}</th>
                  <th className="font-normal pr-4">{t("household.checked")}</th>
                  <th className="font-normal pr-4">{t("household.used")}</th>
                </tr>
              </thead>
              <tbody>
                {view.contested.map((row) => (
                  <tr key={row.label} className="border-t border-base-300 align-top">
                    <th className="font-normal text-left pr-4 py-1">{row.label}</th>
                    <td className="case pr-4 py-1">{row.said}</td>
                    <td className="case pr-4 py-1">{row.shown}</td>
                    <td className="case pr-4 py-1">{row.checked}</td>
                    <td className="case py-1">{row.used}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        </section>
      )}
      {view.facts.length === 0 && <p className="soft">{t("household.nothing")}</p>}
      {view.facts.map((section) => (
        <section key={section.title} className="mb-5" aria-label={section.title}>
          <h2 className="head">{section.title}</h2>
          <dl className="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] gap-x-4">
            {section.lines.map((line, i) => (
              <div key={i} className="contents">
                <dt className="py-0.5 soft break-words">{line.label}</dt>
                <dd className="py-0.5 case break-words">{line.value}</dd>
              </div>
            ))}
          </dl>
        </section>
      ))}
    </div>
  );
}
