import { Field } from "../draft/Field";
import { at } from "../draft/packet";
import { readNumber } from "../draft/typing";
import { asked } from "../i18n/words";
import { money, monthWords } from "../parts/format";
import type { QuestionProps } from "./matter";
import { aids } from "./matter";

interface Owed {
  month?: string;
  owed?: number;
}

/** Rent owed, a field for each month that can be paid; a month that is left empty is not owed. */
export function ArrearsByMonth({ handle, pointer, path, matter }: QuestionProps) {
  const entries = (at(handle.draft.packet, pointer) as Owed[] | undefined) ?? [];
  const allowed = aids<"RentReliefAids">(handle, matter)?.months ?? [];
  const others = entries.map((one) => one.month ?? "").filter((month) => !allowed.includes(month));
  const put = (month: string, owed: number | undefined) => {
    const rest = entries.filter((one) => one.month !== month);
    const next = owed === undefined ? rest : [...rest, { month, owed }];
    handle.set(
      pointer,
      next.sort((a, b) => (a.month ?? "").localeCompare(b.month ?? "")),
    );
  };
  return (
    <div className="flex flex-wrap gap-3">
      {[...others, ...allowed].map((month) => {
        const owed = entries.find((one) => one.month === month)?.owed;
        return (
          <div key={month} className="flex flex-col">
            <span className={`small ${allowed.includes(month) ? "soft" : "wrong"}`}>{monthWords(month)}</span>
            <Field
              handle={handle}
              pointer={`${pointer}/${month}`}
              label={`${asked(matter.service, `${path}.owed`)} ${monthWords(month)}`}
              shown={owed === undefined ? "" : money(owed)}
              read={(text) => readNumber(text)}
              put={(value) => put(month, value as number)}
              clear={() => put(month, undefined)}
              expected="640.00"
              className="w-28"
              right
            />
          </div>
        );
      })}
    </div>
  );
}
