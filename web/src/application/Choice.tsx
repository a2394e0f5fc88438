import { useTranslation } from "react-i18next";
import { spoken } from "../i18n/words";
import { goOn, place } from "./Field";
import { at } from "./packet";
import type { DraftHandle } from "./useDraft";

interface Props {
  handle: DraftHandle;
  pointer: string;
  label: string;
  options: string[];
  words?: (option: string) => string;
  className?: string;
}

/** One of some words. */
export function Choice({ handle, pointer, label, options, words = spoken, className }: Props) {
  const { t } = useTranslation();
  const value = at(handle.draft.packet, pointer);
  return (
    <select
      id={place(pointer)}
      className={`select ${className ?? ""}`}
      aria-label={label}
      value={typeof value === "string" ? value : ""}
      onChange={(event) => handle.set(pointer, event.target.value || undefined)}
      onKeyDown={goOn}
    >
      <option value="">{t("app.choose")}</option>
      {options.map((option) => (
        <option key={option} value={option}>
          {words(option)}
        </option>
      ))}
    </select>
  );
}

/** Yes, no, or left open. */
export function YesNo({ handle, pointer, label }: { handle: DraftHandle; pointer: string; label: string }) {
  const { t } = useTranslation();
  const value = at(handle.draft.packet, pointer);
  return (
    <select
      id={place(pointer)}
      className="select w-28"
      aria-label={label}
      value={value === undefined || value === null ? "" : String(value)}
      onChange={(event) =>
        handle.set(pointer, event.target.value === "" ? undefined : event.target.value === "true")
      }
      onKeyDown={goOn}
    >
      <option value="">—</option>
      <option value="true">{t("app.yes")}</option>
      <option value="false">{t("app.no")}</option>
    </select>
  );
}
