import { at } from "../application/packet";
import { asked } from "../i18n/words";
import { monthWords } from "../parts/format";
import { aid } from "./matter";
import type { QuestionProps } from "./Questions";

/** The months that count, each to be ticked when its payment was missed. */
export function MissedMonths({ handle, pointer, path, matter }: QuestionProps) {
  const missed = (at(handle.draft.packet, pointer) as string[] | undefined) ?? [];
  const months = aid<string[]>(handle, matter, "months") ?? [];
  const shown = [...missed.filter((month) => !months.includes(month)), ...months];
  return (
    <fieldset className="flex flex-wrap gap-x-5 gap-y-1">
      <legend className="sr-only">{asked(matter.service, path)}</legend>
      {shown.map((month) => (
        <label key={month} className="inline-flex items-center gap-2 min-h-8">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            checked={missed.includes(month)}
            onChange={(event) =>
              handle.set(
                pointer,
                event.target.checked ? [...missed, month].sort() : missed.filter((one) => one !== month),
              )
            }
          />
          <span className="case">{monthWords(month)}</span>
        </label>
      ))}
    </fieldset>
  );
}
