import type { TFunction } from "i18next";
import { useTranslation } from "react-i18next";
import { fullDay } from "../parts/format";
import type { DraftHandle } from "./useDraft";

/** Where something filled in is from, until the household confirms it; and what a paper form left open. */
export function FieldMark({ handle, pointer }: { handle: DraftHandle; pointer: string }) {
  const { t } = useTranslation();
  const paper = handle.draft.taking.paper?.[pointer];
  const mark = handle.draft.taking.marks?.[pointer];
  if (paper) return <span className="small wrong block px-1.5">{t(`app.paper.${paper}`)}</span>;
  if (!mark || mark.confirmed) return null;
  return (
    <button
      type="button"
      tabIndex={-1}
      className="mark"
      onClick={() => handle.confirm(pointer)}
      title={t("app.confirmMark")}
    >
      {fromWords(mark.from, t)}
    </button>
  );
}

/** "population register", or "from 12 Aug 2026". */
export function fromWords(from: string, t: TFunction): string {
  return /^\d{4}-\d\d-\d\d$/.test(from) ? t("app.fromDay", { day: fullDay(from) }) : from;
}

/** The mark of a whole row that was filled in. */
export function RowMark({ handle, pointer }: { handle: DraftHandle; pointer: string }) {
  const { t } = useTranslation();
  const mark = handle.draft.taking.marks?.[pointer];
  if (!mark || mark.confirmed) return null;
  return (
    <p className="small soft pl-1.5 pb-1">
      <button type="button" className="mark mark-row" onClick={() => handle.confirm(pointer)}>
        {fromWords(mark.from, t)} — {t("app.confirmMark")}
      </button>
    </p>
  );
}
