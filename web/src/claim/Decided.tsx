import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { shortDay } from "../parts/format";

/** What was decided, by whom and when, and why where it is otherwise than computed. */
export function Decided({ decision }: { decision: Schemas["Decided"] }) {
  const { t } = useTranslation();
  return (
    <>
      <h2 className="head">{t("claim.decision")}</h2>
      <p className="case text-xl">
        {t("claim.decided", {
          outcome: t(`claim.${decision.outcome}`),
          name: decision.by,
          date: shortDay(decision.on),
        })}
      </p>
      {decision.secondBy && <p>{t("claim.signedSecond", { name: decision.secondBy })}</p>}
      {decision.reason && <p>{decision.reason}</p>}
    </>
  );
}
