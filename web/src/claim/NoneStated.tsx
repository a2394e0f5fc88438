import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { fullDay } from "../parts/format";

/** Somebody states to have no income: since when, what they live on, and what is known against it. */
export function NoneStated({ stated }: { stated: Schemas["StatedNone"] }) {
  const { t } = useTranslation();
  return (
    <div className="far border-b border-base-300 py-2">
      <p>
        {stated.group}: <span className="case">○ {t("ledger.noneStated")}</span>
        {stated.since && `, ${t("ledger.from", { day: fullDay(stated.since) })}`}
      </p>
      <p className="small soft">
        {stated.livesOn ? t("ledger.livesOn", { what: stated.livesOn }) : t("ledger.livesOnNothing")}
        {stated.statedOn && ` · ${t("ledger.statedOn", { day: fullDay(stated.statedOn) })}`}
      </p>
      {stated.against.length > 0 && (
        <p className="small wrong">≠ {t("ledger.noneAgainst", { what: stated.against.join(", ") })}</p>
      )}
    </div>
  );
}
