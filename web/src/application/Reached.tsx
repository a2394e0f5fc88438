import { useTranslation } from "react-i18next";
import { Asked } from "../draft/Choice";
import { DayField } from "../draft/DayField";
import type { DraftHandle } from "../draft/useDraft";

/** The day the application reached the office, which counts: today, or the day that a stamp shows. */
export function Reached({ handle, today }: { handle: DraftHandle; today: string }) {
  const { t } = useTranslation();
  const { on, shownBy } = handle.draft.taking.reached ?? {};
  const put = (part: object) => handle.take((old) => ({ ...old, reached: { ...old.reached, ...part } }));
  return (
    <>
      <Asked label={t("reached.on")}>
        <DayField
          handle={handle}
          pointer="/taking/reached/on"
          label={t("reached.on")}
          value={on}
          today={today}
          put={(day) => put({ on: day })}
          clear={() => put({ on: undefined })}
          expected="20 11 26"
          placeholder={t("reached.today")}
          className="w-40"
        />
      </Asked>
      {on && on !== today && (
        <Asked label={t("reached.shownBy")}>
          <input
            id="at-taking-reached-shownBy"
            className="input case w-60"
            aria-label={t("reached.shownBy")}
            value={shownBy ?? ""}
            placeholder={t("reached.example")}
            onChange={(event) => put({ shownBy: event.target.value })}
          />
        </Asked>
      )}
    </>
  );
}
