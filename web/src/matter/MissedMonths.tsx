import { at } from "../draft/packet";
import { asked } from "../i18n/words";
import { monthWords } from "../parts/format";
import type { QuestionProps } from "./matter";
import { aids } from "./matter";
import { Ticks } from "./Ticks";

/** The months that count, each to be ticked when its payment was missed. */
export function MissedMonths({ handle, pointer, path, matter }: QuestionProps) {
  const missed = (at(handle.draft.packet, pointer) as string[] | undefined) ?? [];
  const months = aids<"HomePaymentReliefAids">(handle, matter)?.months ?? [];
  const shown = [...missed.filter((month) => !months.includes(month)), ...months];
  return (
    <Ticks
      pointer={pointer}
      label={asked(matter.service, path)}
      options={shown}
      chosen={missed}
      words={(month) => <span className="case">{monthWords(month)}</span>}
      onChange={(chosen) => handle.set(pointer, chosen.sort())}
    />
  );
}
