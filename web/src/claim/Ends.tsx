import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { Awards } from "../parts/Margin";

/** What the claim comes to at both ends of the wages that are disputed, side by side. */
export function Ends({ ends }: { ends: Schemas["End"][] }) {
  const { t } = useTranslation();
  return (
    <div className="grid grid-cols-2 gap-4 py-2 border-b border-base-300 stacks">
      {ends.map((end) => (
        <div key={String(end.high)}>
          <p className="soft small">{t(end.high ? "ledger.atHigh" : "ledger.atLow")}</p>
          <p className="case font-semibold">{t(`margin.${end.comes.outcome}`)}</p>
          <Awards awards={end.comes.awards} />
          {end.because.map((one) => (
            <p key={one} className="small">
              {one}
            </p>
          ))}
          {end.open.length > 0 && (
            <p className="small soft">{t("ledger.stillOpen", { checks: end.open.join(", ") })}</p>
          )}
        </div>
      ))}
    </div>
  );
}
