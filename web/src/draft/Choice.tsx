import { useTranslation } from "react-i18next";
import { spoken } from "../i18n/words";
import { Pick } from "../parts/Pick";
import { Field, goOn, place } from "./Field";
import { FieldMark } from "./FieldMark";
import { at } from "./packet";
import type { DraftHandle } from "./useDraft";

interface Props {
  handle: DraftHandle;
  pointer: string;
  label: string;
  options: string[];
  /** The vocabulary that the options are words of. */
  of?: string;
  words?: (option: string) => string;
  /** What it says while nothing is chosen, where that stands for something. */
  empty?: string;
  className?: string;
}

/** What is seen at a glance is a plain list; among more than that one finds by typing. */
const FEW = 9;

/** One of some words. */
export function Choice({ handle, pointer, label, options, of, words, empty, className }: Props) {
  const { t } = useTranslation();
  const said = words ?? ((option: string) => spoken(option, of));
  const value = at(handle.draft.packet, pointer);
  const chosen = typeof value === "string" ? value : undefined;
  if (options.length > FEW) {
    return (
      <div className="relative">
        <Pick
          id={place(pointer)}
          pointer={pointer}
          label={label}
          className={className}
          placeholder={empty || t("app.choose")}
          options={options.map((option) => ({ id: option, words: said(option) }))}
          value={chosen}
          onPick={(taken) => handle.set(pointer, taken)}
          onEnter={goOn}
        />
        <FieldMark handle={handle} pointer={pointer} />
      </div>
    );
  }
  return (
    <span className="block relative">
      <select
        id={place(pointer)}
        data-pointer={pointer}
        className={`select ${className ?? ""}`}
        aria-label={label}
        value={chosen ?? ""}
        onChange={(event) => handle.set(pointer, event.target.value || undefined)}
        onKeyDown={goOn}
      >
        <option value="">{empty || t("app.choose")}</option>
        {options.map((option) => (
          <option key={option} value={option}>
            {said(option)}
          </option>
        ))}
      </select>
      <FieldMark handle={handle} pointer={pointer} />
    </span>
  );
}

/** Yes, no, or left open. */
export function YesNo({ handle, pointer, label }: { handle: DraftHandle; pointer: string; label: string }) {
  const { t } = useTranslation();
  const value = at(handle.draft.packet, pointer);
  return (
    <span className="block relative">
      <select
        id={place(pointer)}
        data-pointer={pointer}
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
      <FieldMark handle={handle} pointer={pointer} />
    </span>
  );
}

/** A label above what is asked. */
export function Asked({ label, children }: { label: string; children: React.ReactNode }) {
  return (
    <div className="flex flex-col gap-0.5">
      <span className="soft small">{label}</span>
      {children}
    </div>
  );
}

interface TextProps {
  handle: DraftHandle;
  pointer: string;
  label: string;
  className?: string;
  onLeave?: () => void;
}

/** A text asked with its label above. */
export function AskedText({ handle, pointer, label, className = "w-72", onLeave }: TextProps) {
  return (
    <Asked label={label}>
      <Field
        handle={handle}
        pointer={pointer}
        label={label}
        shown={String(at(handle.draft.packet, pointer) ?? "")}
        read={(text) => text}
        className={className}
        onLeave={onLeave}
      />
    </Asked>
  );
}
