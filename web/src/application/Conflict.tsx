import { useTranslation } from "react-i18next";
import type { DraftHandle } from "../draft/useDraft";

/** Somebody saved the same draft elsewhere: who, and what to do about it. */
export function Conflict({ handle }: { handle: DraftHandle }) {
  const { t } = useTranslation();
  return (
    <div role="alert" className="border-l-4 border-error pl-4 mb-5">
      <h2 className="font-semibold">{t("app.conflictTitle")}</h2>
      <p>{handle.conflict}</p>
      <p className="soft">{t("app.conflictNote")}</p>
      <p className="flex gap-3 mt-2">
        <button type="button" className="btn btn-sm" onClick={handle.showTheirs}>
          {t("app.conflictTheirs")}
        </button>
        <button type="button" className="btn btn-sm" onClick={handle.keepMine}>
          {t("app.conflictMine")}
        </button>
      </p>
    </div>
  );
}
