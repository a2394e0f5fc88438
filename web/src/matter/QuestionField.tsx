import type { QuestionView } from "../api/client";
import { Choice, YesNo } from "../draft/Choice";
import { DayField } from "../draft/DayField";
import { Field, goOn, place } from "../draft/Field";
import { NameOutside } from "../draft/NameOutside";
import { at } from "../draft/packet";
import { readMonth, readNumber } from "../draft/typing";
import type { DraftHandle } from "../draft/useDraft";
import { asked, spoken } from "../i18n/words";
import { namesOf } from "../parts/called";
import { money, quarterWords } from "../parts/format";
import { aids, type Matter } from "./matter";
import { Ticks } from "./Ticks";

interface Props {
  handle: DraftHandle;
  question: QuestionView;
  pointer: string;
  /** The keys on the way to the question, with dots between. */
  path: string;
  matter: Matter;
  /** Among others in one row. */
  narrow?: boolean;
}

/** A question as the core declares it, drawn by its kind. */
export function QuestionField({ handle, question, pointer, path, matter, narrow }: Props) {
  const today = matter.today;
  const label = asked(matter.service, path);
  const value = at(handle.draft.packet, pointer);
  const people = handle.draft.packet.household.people;
  const names = namesOf(people);
  const words = (option: string) => spoken(option, question.vocabulary);
  const named = (id: string) => names.get(id) ?? id;
  const field = (
    shown: string,
    read: (text: string) => unknown,
    expected: string,
    className: string,
    right = false,
  ) => <Field {...{ handle, pointer, label, shown, read, expected, className, right }} />;
  switch (question.kind) {
    case "text":
      if (question.outside) {
        return (
          <NameOutside
            {...{ handle, pointer, label }}
            kind={question.outside}
            className={narrow ? "w-52" : "w-72"}
          />
        );
      }
      return field(String(value ?? ""), (text) => text, "", narrow ? "w-32" : "w-72");
    case "iban":
      return field(String(value ?? ""), (text) => text, "", narrow ? "w-32" : "w-72");
    case "longText":
      return <LongText handle={handle} pointer={pointer} label={label} value={String(value ?? "")} />;
    case "money":
      return field(typeof value === "number" ? money(value) : "", readNumber, "640.00", "w-36", true);
    case "number":
      return field(value === undefined ? "" : String(value), readNumber, "37.5", "w-28", true);
    case "whole":
      return field(value === undefined ? "" : String(value), whole, "3", "w-20", true);
    case "date": {
      return (
        <DayField
          {...{ handle, pointer, label, today }}
          value={value as string}
          ahead
          expected="14 3 26"
          className="w-40"
        />
      );
    }
    case "month":
      return field(String(value ?? ""), readMonth, "8 2026", "w-32");
    case "flag":
      return <YesNo handle={handle} pointer={pointer} label={label} />;
    case "choice":
      return (
        <Choice
          {...{ handle, pointer, label, words }}
          options={question.options}
          className={narrow ? "w-44" : "w-56"}
        />
      );
    case "openChoice":
      return <Choice {...{ handle, pointer, label, words }} options={question.options} className="w-56" />;
    case "person":
      return (
        <Choice
          handle={handle}
          pointer={pointer}
          label={label}
          options={people.map((person) => person.id)}
          words={named}
          className={narrow ? "w-36" : "w-48"}
        />
      );
    case "choices":
      return (
        <Ticks
          pointer={pointer}
          label={label}
          options={sensible(handle, question, pointer)}
          sets={question.sets}
          chosen={Array.isArray(value) ? (value as string[]) : []}
          words={words}
          onChange={(chosen) => handle.set(pointer, chosen)}
        />
      );
    case "people":
      return (
        <Ticks
          pointer={pointer}
          label={label}
          options={people.map((person) => person.id)}
          chosen={Array.isArray(value) ? (value as string[]) : []}
          words={named}
          onChange={(chosen) => handle.set(pointer, chosen)}
        />
      );
    case "texts":
    case "months":
      return (
        <ListOfWords
          handle={handle}
          pointer={pointer}
          label={label}
          value={value}
          months={question.kind === "months"}
        />
      );
    case "flagByPerson":
      return (
        <span className="flex gap-4 flex-wrap">
          {people.map((person) => (
            <label key={person.id} className="flex items-center gap-2">
              {named(person.id)}
              <YesNo
                handle={handle}
                pointer={`${pointer}/${person.id}`}
                label={`${label} ${named(person.id)}`}
              />
            </label>
          ))}
        </span>
      );
    case "moneyByQuarter":
      return <Quarters {...{ handle, pointer, label, matter }} />;
    default:
      return null;
  }
}

/** The options that make sense with what was answered before; one that is chosen stays to be seen. */
function sensible(handle: DraftHandle, question: QuestionView, pointer: string): string[] {
  if (!question.optionsBy) return question.options;
  const before = at(handle.draft.packet, pointer.replace(/[^/]+$/, question.optionsBy));
  const chosen = at(handle.draft.packet, pointer);
  return question.options.filter(
    (option) =>
      before === undefined ||
      (question.optionsWith[option]?.includes(String(before)) ?? true) ||
      (Array.isArray(chosen) && chosen.includes(option)),
  );
}

function whole(text: string): number | undefined {
  return /^\d{1,9}$/.test(text.trim()) ? Number(text) : undefined;
}

function LongText(props: { handle: DraftHandle; pointer: string; label: string; value: string }) {
  const { handle, pointer, label, value } = props;
  return (
    <textarea
      id={place(pointer)}
      className="textarea w-full max-w-xl case"
      rows={2}
      aria-label={label}
      value={value}
      maxLength={4000}
      onChange={(event) => handle.set(pointer, event.target.value.replace(/\s*\n\s*/g, " ") || undefined)}
      onKeyDown={goOn}
    />
  );
}

/** Several words or months in one field, with commas between. */
function ListOfWords(props: {
  handle: DraftHandle;
  pointer: string;
  label: string;
  value: unknown;
  months: boolean;
}) {
  const { handle, pointer, label, value, months } = props;
  const shown = Array.isArray(value) ? value.join(", ") : "";
  const read = (text: string) => {
    if (text === shown) return value;
    const parts = text
      .split(",")
      .map((part) => part.trim())
      .filter(Boolean)
      .map((part) => (months ? readMonth(part) : part));
    return parts.includes(undefined) ? undefined : parts;
  };
  return (
    <Field
      {...{ handle, pointer, label, shown, read }}
      expected={months ? "8 2026, 9 2026" : "one, another"}
      className="w-96"
    />
  );
}

interface QuartersProps {
  handle: DraftHandle;
  pointer: string;
  label: string;
  matter: Matter;
}

/** Earnings by calendar quarter: those of the base period, else the last five completed ones. */
function Quarters({ handle, pointer, label, matter }: QuartersProps) {
  const base = aids<"PaidLeaveAids">(handle, matter)?.basePeriod;
  const now = Number(matter.today.slice(0, 4)) * 4 + Math.floor((Number(matter.today.slice(5, 7)) - 1) / 3);
  const keys = base
    ? Object.keys(base)
    : [5, 4, 3, 2, 1].map((back) => `${Math.floor((now - back) / 4)}Q${((now - back) % 4) + 1}`);
  return (
    <span className="flex gap-2 flex-wrap">
      {keys.map((key) => {
        const value = at(handle.draft.packet, `${pointer}/${key}`);
        return (
          <label key={key} className="flex flex-col">
            <span className="soft small">{quarterWords(key)}</span>
            <Field
              handle={handle}
              pointer={`${pointer}/${key}`}
              label={`${label}, ${quarterWords(key)}`}
              shown={typeof value === "number" ? money(value) : ""}
              read={readNumber}
              expected="9800"
              className="w-28"
              right
            />
          </label>
        );
      })}
    </span>
  );
}
