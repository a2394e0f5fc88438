import type { Schemas } from "../api/client";
import { readAmount, readDate, readNumber } from "../draft/typing";

export type PaperShows = Schemas["PaperShows"];
interface Shown {
  place: string;
  value: unknown;
}

/** The field of the form in which a fact is typed. */
export const fieldOf = (fact: PaperShows) => `fact:${fact.place}`;

/** What of the form can't be read, by what it is to show. */
export class Unreadable extends Error {
  constructor(
    readonly label: string,
    readonly form: string,
  ) {
    super(label);
  }
}

/** The facts of a form that were typed, as they are sent. Throws {@link Unreadable} for one that can't be read. */
export function shownFacts(form: FormData, facts: PaperShows[], today: string): Shown[] {
  return facts.flatMap((fact) => {
    const text = String(form.get(fieldOf(fact)) ?? "").trim();
    return text === "" ? [] : values(fact, text, today);
  });
}

function values(fact: PaperShows, text: string, today: string): Shown[] {
  const { place, every, form, label } = fact;
  if (every) {
    const typed = readAmount(text);
    // Without its period nobody knows what an amount is of: it is not guessed from what was said.
    if (typed?.amount === undefined || typed.frequency === undefined)
      throw new Unreadable(label, "recurring");
    return [
      { place, value: typed.amount },
      { place: every, value: typed.frequency },
    ];
  }
  const value = single(form, text, today);
  if (value === undefined) throw new Unreadable(label, form);
  return [{ place, value }];
}

function single(form: string, text: string, today: string): unknown {
  switch (form) {
    case "money":
    case "number":
      return readNumber(text);
    case "flag":
      return { yes: true, y: true, no: false, n: false }[text.toLowerCase()];
    case "date":
      return readDate(text, today, true);
    case "iban":
      return text.replace(/\s/g, "").toUpperCase();
    case "list":
      return text
        .split(/[\n;,]/)
        .map((one) => one.trim())
        .filter(Boolean);
    default:
      return text;
  }
}
