import { useTranslation } from "react-i18next";
import type { DraftHandle } from "../draft/useDraft";
import type { Gap } from "./gaps";
import { Told } from "./Told";

interface Props {
  handle: DraftHandle;
  open: Gap[];
  today: string;
  onGoTo: (pointer: string) => void;
}

/** The whole read through, with every gap in one list. */
export function ReadPart({ handle, open, today, onGoTo }: Props) {
  const { t } = useTranslation();
  return (
    <section className="flex flex-col gap-6">
      <div>
        <h2 className="head">
          <span>{t("app.gaps")}</span>
          <span>{open.length || ""}</span>
        </h2>
        {open.length === 0 && <p className="soft">{t("app.noGaps")}</p>}
        <ul>
          {open.map((gap, i) => (
            <li key={i} className="border-b border-base-300 py-1 flex justify-between gap-4 items-baseline">
              <button type="button" className="plain-link text-left" onClick={() => onGoTo(gap.pointer)}>
                {gap.words}
              </button>
              {gap.filledIn && (
                <button type="button" className="btn btn-xs" onClick={() => handle.confirm(gap.pointer)}>
                  {t("app.confirmed")}
                </button>
              )}
            </li>
          ))}
        </ul>
      </div>
      <Told draft={handle.draft} application={handle.id} today={today} />
    </section>
  );
}
