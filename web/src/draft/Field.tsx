import { type KeyboardEvent, useEffect, useState } from "react";
import { useTranslation } from "react-i18next";
import { FieldMark } from "./FieldMark";
import { isMasked } from "./masked";
import { ShownNumber } from "./ShownNumber";
import type { DraftHandle } from "./useDraft";

interface Props {
  handle: DraftHandle;
  pointer: string;
  label: string;
  /** What the value looks like when nobody types. */
  shown: string;
  /** Reads what was typed; undefined when it can't be read. */
  read: (text: string) => unknown;
  /** Puts what was read in its place, where that is more than one value. */
  put?: (value: unknown) => void;
  /** Takes the value away, where that is more than one value. */
  clear?: () => void;
  expected?: string;
  className?: string;
  placeholder?: string;
  right?: boolean;
  /** The id of what tells more about it. */
  describedBy?: string;
  /** Moves the value by some days, and says what it looks like then. */
  step?: (by: number) => string;
  onLeave?: () => void;
}

/** How far a key moves a day. */
const STEPS: Record<string, number> = { ArrowUp: 1, ArrowDown: -1, PageUp: 7, PageDown: -7 };

/** A field that takes what people type; what can't be read stays as typed and says what would be right. */
export function Field(props: Props) {
  const { handle, pointer, label, shown, read, put, expected, className, placeholder, right } = props;
  const { t } = useTranslation();
  const raw = handle.draft.typed[pointer];
  const [text, setText] = useState(raw ?? shown);
  const [here, setHere] = useState(false);

  useEffect(() => {
    if (!here) setText(raw ?? shown);
  }, [shown, raw, here]);

  const typed = (fresh: string) => {
    setText(fresh);
    const blank = fresh.trim() === "";
    const value = blank ? undefined : read(fresh);
    if (blank || value !== undefined) {
      if (raw !== undefined) forget();
      if (blank && props.clear) props.clear();
      else if (put && !blank) put(value);
      else handle.set(pointer, value);
    }
  };
  const forget = () =>
    handle.change((draft) => {
      const rest = { ...draft.typed };
      delete rest[pointer];
      return { ...draft, typed: rest };
    });
  const leave = () => {
    setHere(false);
    // What nobody touched may be a number that is not shown whole.
    if (text !== shown && text.trim() !== "" && read(text) === undefined) {
      handle.change((draft) => ({ ...draft, typed: { ...draft.typed, [pointer]: text } }));
    }
    props.onLeave?.();
  };
  const faulty = raw !== undefined;
  return (
    <span className="block relative">
      <input
        id={place(pointer)}
        data-pointer={pointer}
        className={`input case ${right ? "text-right" : ""} ${faulty ? "input-error" : ""} ${className ?? ""}`}
        aria-label={label}
        aria-invalid={faulty}
        title={faulty ? t("app.unread", { expected }) : undefined}
        placeholder={placeholder}
        value={text}
        autoComplete="off"
        onFocus={(event) => {
          setHere(true);
          event.target.select();
        }}
        onChange={(event) => typed(event.target.value)}
        onBlur={leave}
        aria-describedby={props.describedBy}
        onKeyDown={(event) => {
          const by = STEPS[event.key];
          if (props.step && by && !event.altKey) {
            event.preventDefault();
            setText(props.step(by));
          } else {
            goOn(event);
          }
        }}
      />
      <FieldMark handle={handle} pointer={pointer} />
      {handle.id && isMasked(shown) && (
        <ShownNumber application={handle.id} pointer={pointer} label={label} />
      )}
      {faulty && (
        <span role="alert" className="wrong small block">
          {t("app.unread", { expected })}
        </span>
      )}
    </span>
  );
}

/** Enter goes on to the next field, as Tab does; on a set of ticks, past all of them. */
export function goOn(event: KeyboardEvent<HTMLElement>) {
  if (event.key !== "Enter" || event.altKey || event.defaultPrevented) return;
  if (event.target instanceof HTMLButtonElement) return;
  event.preventDefault();
  const scope = event.currentTarget.closest("main");
  const fields = [
    ...(scope?.querySelectorAll<HTMLElement>("input, select, textarea, button[data-flow]") ?? []),
  ].filter(
    (field) =>
      field === event.currentTarget ||
      (field.tabIndex >= 0 && field.offsetParent !== null && field.dataset.aside === undefined),
  );
  const within = fields.filter((field) => event.currentTarget.contains(field));
  fields[fields.indexOf(within[within.length - 1]) + 1]?.focus();
}

/** The id of the field that belongs to a place in the packet. */
export function place(pointer: string): string {
  return `at${pointer.replaceAll("/", "-")}`;
}

/** The place in the packet of the field that has the focus. */
export function placeInFocus(): string | undefined {
  return (document.activeElement as HTMLElement | null)?.dataset?.pointer;
}
