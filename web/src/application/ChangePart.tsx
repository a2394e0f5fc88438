import { useTranslation } from "react-i18next";
import { Asked } from "../draft/Choice";
import { DayField } from "../draft/DayField";
import type { DraftHandle } from "../draft/useDraft";

/** From which day a change holds, and how it was told; what is otherwise is changed in the parts that follow. */
export function ChangePart({ handle, today }: { handle: DraftHandle; today: string }) {
  const { t } = useTranslation();
  const change = handle.draft.taking.change ?? {};
  const put = (part: object) => handle.take((old) => ({ ...old, change: { ...old.change, ...part } }));
  return (
    <section className="flex flex-col gap-5 max-w-3xl">
      <p>{t("change.about")}</p>
      <div className="flex flex-wrap gap-6">
        <Asked label={t("change.on")}>
          <DayField
            handle={handle}
            pointer="/taking/change/on"
            label={t("change.on")}
            value={change.on}
            today={today}
            ahead
            put={(on) => put({ on })}
            clear={() => put({ on: undefined })}
            expected="1 10 26"
            className="w-40"
          />
        </Asked>
        <Asked label={t("change.told")}>
          <input
            id="at-taking-change-told"
            className="input case w-80"
            aria-label={t("change.told")}
            placeholder={t("change.example")}
            value={change.told ?? ""}
            onChange={(event) => put({ told: event.target.value })}
          />
        </Asked>
      </div>
    </section>
  );
}
