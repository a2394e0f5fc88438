import { useTranslation } from "react-i18next";
import type { QuestionView } from "../api/client";
import { readDate, readMonth, readNumber } from "../draft/typing";
import { spoken } from "../i18n/words";
import { DayPlace } from "../parts/DayPlace";

/** The question that a place of a request answers; none for a fact of the household. */
export function questionAt(questions: QuestionView[], pointer: string): QuestionView | undefined {
  const [, after] = pointer.split("/answers/");
  let found: QuestionView | undefined;
  let among = questions;
  for (const step of (after ?? "").split("/").filter((one) => one && !/^\d+$/.test(one))) {
    found = among.find((question) => question.key === step);
    among = found?.parts ?? [];
  }
  return found;
}

/** What of a question says how its answer is typed. */
type Typed = Pick<QuestionView, "kind" | "options" | "vocabulary">;

interface Props {
  /** What the place is called. */
  label: string;
  question?: QuestionView;
  people: { id: string; name: string }[];
  today: string;
}

/** Where the value of an answer is typed or chosen, by what kind of answer it is. */
export function AnswerValue({ label, question, people, today }: Props) {
  const { t } = useTranslation();
  const choices =
    question?.kind === "flag"
      ? [
          ["true", t("app.yes")],
          ["false", t("app.no")],
        ]
      : question?.kind === "choice"
        ? question.options.map((option) => [option, spoken(option, question.vocabulary)])
        : question?.kind === "person"
          ? people.map((person) => [person.id, person.name])
          : undefined;
  return (
    <label className="flex flex-col small">
      {label}
      {choices ? (
        <select name="value" className="select select-sm w-44" required defaultValue="">
          <option value="" disabled>
            {t("app.choose")}
          </option>
          {choices.map(([value, words]) => (
            <option key={value} value={value}>
              {words}
            </option>
          ))}
        </select>
      ) : question?.kind === "date" ? (
        <DayPlace today={today}>
          <input name="value" className="input input-sm case w-44" required />
        </DayPlace>
      ) : (
        <input name="value" className="input input-sm case w-44" required />
      )}
    </label>
  );
}

/** What was typed, as the question takes it; undefined when it can't be read. */
export function readAnswer(text: string, question: Typed | undefined, today: string): unknown {
  const parts = text.split(/[;,]/).map((part) => part.trim());
  switch (question?.kind) {
    case undefined:
      return /^-?\d+([.,]\d+)?$/.test(text) ? Number(text.replace(",", ".")) : text;
    case "flag":
      return text === "true";
    case "money":
    case "number":
      return readNumber(text);
    case "whole":
      return /^\d+$/.test(text) ? Number(text) : undefined;
    case "date":
      return readDate(text, today, true);
    case "month":
      return readMonth(text);
    case "months":
      return whole(parts.map(readMonth));
    case "texts":
      return parts;
    case "choices":
      return whole(parts.map((part) => wordOf(part, question)));
    default:
      return text;
  }
}

function whole(parts: (string | undefined)[]): string[] | undefined {
  return parts.every((part) => part !== undefined) ? (parts as string[]) : undefined;
}

/** The word that is said so. */
function wordOf(text: string, question: Typed): string | undefined {
  return question.options.find(
    (option) => option === text || spoken(option, question.vocabulary).toLowerCase() === text.toLowerCase(),
  );
}
