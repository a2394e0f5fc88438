import { useTranslation } from "react-i18next";
import { Asked } from "../draft/Choice";
import { DayField } from "../draft/DayField";
import type { DraftHandle } from "../draft/useDraft";
import { spoken, vocabulary } from "../i18n/words";

const OCCASIONS = vocabulary("occasion");

/** The day that an answer should come before, and whether the household wishes to be hurried. */
export function Outside({ handle, today }: { handle: DraftHandle; today: string }) {
  const { t } = useTranslation();
  const { outside, hurry } = handle.draft.taking;
  const put = (part: object) => handle.take((old) => ({ ...old, outside: { ...old.outside, ...part } }));
  return (
    <div>
      <h2 className="head">{t("outside.title")}</h2>
      <div className="flex flex-wrap gap-6">
        <Asked label={t("outside.what")}>
          <select
            id="at-taking-outside"
            className="select w-52"
            aria-label={t("outside.what")}
            value={outside?.what ?? ""}
            onChange={(event) =>
              event.target.value
                ? put({ what: event.target.value })
                : handle.take(({ outside: _gone, ...rest }) => rest)
            }
          >
            <option value="">{t("outside.none")}</option>
            {OCCASIONS.map((one) => (
              <option key={one} value={one}>
                {spoken(one, "occasion")}
              </option>
            ))}
          </select>
        </Asked>
        {outside?.what && (
          <>
            <Asked label={t("outside.on")}>
              <DayField
                handle={handle}
                pointer="/taking/outside/on"
                label={t("outside.on")}
                value={outside.on}
                today={today}
                ahead
                put={(day) => put({ on: day })}
                clear={() => put({ on: undefined })}
                expected="4 12 26"
                className="w-40"
              />
            </Asked>
            <Asked label={t("outside.shownBy")}>
              <input
                className="input case w-60"
                aria-label={t("outside.shownBy")}
                value={outside.shownBy ?? ""}
                placeholder={t("outside.example")}
                onChange={(event) => put({ shownBy: event.target.value })}
              />
            </Asked>
          </>
        )}
        <Asked label={t("outside.hurry")}>
          <input
            className="input case w-80"
            aria-label={t("outside.hurry")}
            value={hurry ?? ""}
            placeholder={t("outside.hurryExample")}
            onChange={(event) => handle.take((old) => ({ ...old, hurry: event.target.value || undefined }))}
          />
        </Asked>
      </div>
    </div>
  );
}
