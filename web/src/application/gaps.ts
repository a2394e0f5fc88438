import type { Margin } from "../api/client";
import type { Draft } from "./packet";

/** Something still open: where, and why. */
export interface Gap {
  pointer: string;
  words: string;
}

/** Everything that is still open, in one list. */
export function gaps(draft: Draft, margin?: Margin): Gap[] {
  const found: Gap[] = [];
  for (const [pointer, text] of Object.entries(draft.typed)) {
    found.push({ pointer, words: `"${text}" can't be read.` });
  }
  for (const fault of margin?.faults ?? []) {
    found.push({ pointer: fault.pointer, words: `${fault.message} — ${fault.expected}` });
  }
  for (const result of margin?.results ?? []) {
    for (const test of result.tests) {
      if (test.outcome === "unknown") {
        const pointer = test.missing.find((one) => one.startsWith("/")) ?? test.needs[0] ?? "";
        if (!found.some((gap) => gap.words === test.because)) found.push({ pointer, words: test.because });
      }
    }
  }
  return found;
}

/** The part of the application a place belongs to. */
export function partOf(pointer: string): string {
  if (pointer.startsWith("/requests")) return "matter";
  if (/^\/household\/people\/\d+\/contact/.test(pointer)) return "home";
  if (/^\/household\/(people|expectedChildren)/.test(pointer)) return "who";
  if (/^\/household\/(incomes|noIncome|expenses|assets)/.test(pointer)) return "money";
  if (/^(income|noIncome|payslip):?/.test(pointer)) return "money";
  if (pointer.startsWith("/household")) return "home";
  return "sign";
}
