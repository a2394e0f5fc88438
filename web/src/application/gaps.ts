import type { TFunction } from "i18next";
import type { Margin } from "../api/client";
import { fromWords } from "../draft/FieldMark";
import { at, type Draft, type Income, type Person } from "../draft/packet";
import { unconfirmed } from "../draft/taking";
import { spoken } from "../i18n/words";

/** Something still open: where, and why. */
export interface Gap {
  pointer: string;
  words: string;
  /** Filled in, and waits only to be confirmed. */
  filledIn?: boolean;
}

/** Everything that is still open, in one list. */
export function gaps(draft: Draft, margin: Margin | undefined, t: TFunction): Gap[] {
  const found: Gap[] = [];
  for (const [pointer, text] of Object.entries(draft.typed)) {
    found.push({ pointer, words: t("app.gap.unread", { text }) });
  }
  for (const fault of margin?.faults ?? []) {
    found.push({ pointer: fault.pointer, words: `${fault.message} — ${fault.expected}` });
  }
  for (const [pointer, how] of Object.entries(draft.taking.paper ?? {})) {
    found.push({ pointer, words: `${t(`app.paper.${how}`)}: ${last(pointer)}` });
  }
  for (const [pointer, mark] of unconfirmed(draft.taking)) {
    found.push({
      pointer,
      filledIn: true,
      words: t("app.gap.unconfirmed", { what: called(draft, pointer), from: fromWords(mark.from, t) }),
    });
  }
  for (const result of margin?.results ?? []) {
    for (const test of result.tests) {
      if (test.outcome === "unknown") {
        const pointer =
          test.missing.find((one) => one.subject.startsWith("/"))?.subject ?? test.needs[0] ?? "";
        if (!found.some((gap) => gap.words === test.because)) found.push({ pointer, words: test.because });
      }
    }
  }
  return found;
}

/** What a place is called by the entry it is: whose, and of what kind. */
function called(draft: Draft, pointer: string): string {
  const entry = at(draft.packet, pointer) as Partial<Person & Income> | string | undefined;
  if (!entry || typeof entry !== "object") return last(pointer);
  const whose = draft.packet.household.people.find((person) => person.id === entry.person);
  const words = [entry.givenName ?? whose?.givenName, entry.kind && spoken(entry.kind)].filter(Boolean);
  return words.length > 0 ? words.join(", ") : last(pointer);
}

/** What a place is called: the last of its names that is no number. */
export function last(pointer: string): string {
  const names = pointer.split("/").filter((step) => step && !/^\d+$/.test(step));
  return spoken(names[names.length - 1] ?? "");
}
