import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { Awards } from "../parts/Margin";

/** What a first look says: whether it is worth going on, with every reason, and what it would come to. */
export function LookPane({ look }: { look?: Schemas["Look"] }) {
  const { t } = useTranslation();
  return (
    <aside
      className="bg-base-200 border-l border-base-300 p-4 overflow-y-auto"
      aria-label={t("quick.says")}
      aria-live="polite"
    >
      {!look && <p className="soft">{t("quick.empty")}</p>}
      {look && (
        <>
          <p
            className={`case text-[1.5rem] leading-tight ${look.verdict === "open" ? "soft" : "font-semibold"}`}
          >
            {t(`quick.verdict.${look.verdict}`)}
          </p>
          <Awards awards={look.awards} />
          <ul className="mt-3">
            {look.tests.map((test) => (
              <li key={test.id} className="border-t border-base-300 py-1.5">
                <span className="flex justify-between gap-2 small">
                  <span className="soft">{test.label}</span>
                  <span className={test.outcome === "notMet" ? "font-semibold" : "soft"}>
                    {t(`margin.outcome.${test.outcome}`)}
                  </span>
                </span>
                <span className="block leading-snug">{test.because}</span>
                {test.change && <span className="block leading-snug soft">{test.change}</span>}
              </li>
            ))}
          </ul>
          {look.working.length > 0 && (
            <div className="mt-3">
              <h2 className="head">{t("quick.estimate")}</h2>
              {look.working.map((line) => (
                <p key={line.label} className="flex justify-between gap-4">
                  <span>{line.label}</span>
                  <span className="case">{line.value}</span>
                </p>
              ))}
            </div>
          )}
        </>
      )}
    </aside>
  );
}
