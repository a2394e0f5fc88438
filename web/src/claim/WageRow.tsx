import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { fullDay } from "../parts/format";

/** What speaks for a wage, in euros a month, and what is gone by: a stretch from low to high while it is disputed. */
export function WageRow({ wage }: { wage: Schemas["Wage"] }) {
  const { t } = useTranslation();
  const cells = [
    ["○", "said", wage.said],
    ["□", "shown", wage.shown],
    ["◇", "checked", wage.checked],
    ["", "used", wage.used],
  ] as const;
  return (
    <div className="far border-b border-base-300 py-2">
      <p>
        <span className="case">{wage.label}</span>, {wage.group}{" "}
        <span className="soft small">{t("ledger.aMonth")}</span>
      </p>
      <dl className="grid grid-cols-4 gap-4 mt-1 stacks">
        {cells.map(([mark, kind, value]) => (
          <div
            key={kind}
            className={`border-l-2 pl-2 ${wage.disputed && kind === "checked" ? "border-error" : "border-base-300"}`}
          >
            <dt className="soft small">
              {mark} {t(`ledger.${kind}`)}
            </dt>
            <dd className={`case ${kind === "used" ? "font-semibold" : ""}`}>{value ?? "—"}</dd>
            {wage.difference && kind === (wage.shown ? "shown" : "checked") && (
              <dd className={`small ${wage.disputed ? "wrong" : ""}`}>
                {t("ledger.apart", { by: wage.difference })}
              </dd>
            )}
            {kind === "shown" && (
              <dd className="small soft">
                {t(wage.slips >= wage.enough ? "ledger.slips" : "ledger.slipsFew", {
                  count: wage.slips,
                  enough: wage.enough,
                  from: fullDay(wage.opens),
                  until: fullDay(wage.closes),
                })}
              </dd>
            )}
          </div>
        ))}
      </dl>
      {wage.disputed && <p className="small mt-1">{t("ledger.disputedWage")}</p>}
      {wage.irregular && <p className="small mt-1">{t("ledger.irregular")}</p>}
    </div>
  );
}
