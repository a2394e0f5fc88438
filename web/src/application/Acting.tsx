import { useTranslation } from "react-i18next";
import { DayField } from "../draft/DayField";
import { withoutEntry } from "../draft/entries";
import type { DraftHandle } from "../draft/useDraft";

const PARTS = ["name", "speaker", "contact", "shownBy", "scope"] as const;
const ACTING = ["self", "guardian", "representative", "organisation"];

/** Who acts for the household, and who else may speak for it. */
export function Acting({ handle, today }: { handle: DraftHandle; today: string }) {
  const { t } = useTranslation();
  const taking = handle.draft.taking;
  const acts = taking.actsAs ?? "self";
  const permissions = taking.permissions ?? [];
  return (
    <div>
      <h2 className="head">{t("acting.title")}</h2>
      <div className="flex flex-wrap gap-5 items-end">
        <label className="flex flex-col gap-0.5">
          <span className="soft small">{t("acting.who")}</span>
          <select
            id="acts-as"
            className="select w-52"
            value={acts}
            onChange={(event) => handle.take((old) => ({ ...old, actsAs: event.target.value }))}
          >
            {ACTING.map((one) => (
              <option key={one} value={one}>
                {t(`acting.${one}`)}
              </option>
            ))}
          </select>
        </label>
        {acts !== "self" && (
          <>
            {PARTS.filter((key) => key !== "speaker" || acts === "organisation").map((key) => (
              <label key={key} className="flex flex-col gap-0.5">
                <span className="soft small">{t(`acting.${key}`)}</span>
                <input
                  className="input case w-60"
                  placeholder={t(`acting.example.${key}`)}
                  value={taking.actor?.[key] ?? ""}
                  onChange={(event) => act(handle, { [key]: event.target.value })}
                />
              </label>
            ))}
            <span className="flex flex-col gap-0.5">
              <span className="soft small">{t("acting.until")}</span>
              <DayField
                handle={handle}
                pointer="/taking/actor/until"
                label={t("acting.until")}
                value={taking.actor?.until}
                today={today}
                ahead
                put={(until) => act(handle, { until })}
                clear={() => act(handle, { until: undefined })}
                expected="30 6 27"
                placeholder="30 6 27"
                className="w-40"
              />
            </span>
            <label className="flex items-center gap-2 min-h-9">
              <input
                type="checkbox"
                className="checkbox checkbox-sm"
                checked={taking.actor?.identityChecked ?? false}
                onChange={(event) => act(handle, { identityChecked: event.target.checked })}
              />
              {t("acting.identityChecked")}
            </label>
            <label className="flex items-center gap-2 min-h-9">
              <input
                type="checkbox"
                className="checkbox checkbox-sm"
                checked={taking.actor?.letters === "acting"}
                onChange={(event) => act(handle, { letters: event.target.checked ? "acting" : undefined })}
              />
              {t("acting.getsLetters")}
            </label>
            <label className="flex items-center gap-2 min-h-9">
              <input
                type="checkbox"
                className="checkbox checkbox-sm"
                checked={taking.declared ?? false}
                onChange={(event) => handle.take((old) => ({ ...old, declared: event.target.checked }))}
              />
              {t(`acting.declares.${acts}`)}
            </label>
          </>
        )}
      </div>
      <ul className="mt-2">
        {permissions.map((permission, i) => (
          <li key={i} className="flex gap-4 items-end mb-1">
            <label className="flex flex-col gap-0.5">
              <span className="soft small">{t("acting.maySpeak")}</span>
              <input
                className="input case w-60"
                value={permission.name}
                onChange={(event) => change(handle, i, { name: event.target.value })}
              />
            </label>
            <span className="flex flex-col gap-0.5">
              <span className="soft small">{t("acting.until")}</span>
              <DayField
                handle={handle}
                pointer={`/taking/permissions/${i}/until`}
                label={`${t("acting.until")} ${i + 1}`}
                value={permission.until}
                today={today}
                ahead
                put={(until) => change(handle, i, { until })}
                clear={() => change(handle, i, { until: undefined })}
                expected="30 6 27"
                placeholder="30 6 27"
                className="w-40"
              />
            </span>
            <button
              type="button"
              className="soft cursor-pointer pb-2"
              aria-label={t("app.remove", { what: permission.name || String(i + 1) })}
              onClick={() => handle.change((draft) => withoutEntry(draft, "/taking/permissions", i))}
            >
              ×
            </button>
          </li>
        ))}
      </ul>
      <button
        type="button"
        className="plain-link small mt-2"
        onClick={() => handle.take((old) => ({ ...old, permissions: [...permissions, { name: "" }] }))}
      >
        {t("acting.addPermission")}
      </button>
    </div>
  );
}

function act(handle: DraftHandle, part: object) {
  handle.take((old) => ({ ...old, actor: { ...old.actor, ...part } }));
}

function change(handle: DraftHandle, index: number, part: object) {
  handle.take((old) => ({
    ...old,
    permissions: (old.permissions ?? []).map((one, i) => (i === index ? { ...one, ...part } : one)),
  }));
}
