import type { ScaleTime } from "d3-scale";
import { useTranslation } from "react-i18next";
import type { Row } from "../api/client";
import { day, shortDay } from "../parts/format";
import { LifeOnAxis } from "../parts/LifeOnAxis";
import type { Item } from "../parts/LongList";
import { TurnMark } from "../parts/TurnMark";
import { COLUMNS } from "./AxisHead";

interface Props {
  row: Row;
  today: string;
  scale: ScaleTime<number, number>;
  chosen: boolean;
  item: Item;
  onChoose: () => void;
  onOpen: () => void;
}

/** How high a row is. Pixels. */
export const HEIGHT = 38;

/** A claim on the desk: whose it is, its turn line on the shared axis, and the next step. */
export function DeskRow({ row, today, scale, chosen, item, onChoose, onOpen }: Props) {
  const { t } = useTranslation();
  return (
    <li {...item} className="border-b border-base-300 relative">
      <button
        type="button"
        aria-current={chosen}
        className={`${COLUMNS} w-full h-[38px] items-center text-left cursor-pointer border-l-3 ${chosen ? "bg-(--chosen) border-primary" : "border-transparent"}`}
        onClick={onChoose}
        onDoubleClick={onOpen}
        onFocus={onChoose}
      >
        <span className="pl-[17px] leading-[1.1] overflow-hidden whitespace-nowrap text-ellipsis">
          <span className="case block overflow-hidden text-ellipsis">{row.householdName}</span>
          <span className="block text-[0.76rem] soft">{row.title}</span>
        </span>
        <span className="block relative h-[38px]">
          <LifeOnAxis
            claim={row}
            today={today}
            scale={scale}
            height={HEIGHT}
            late={row.workingDaysLeft < 0}
          />
          {row.outside && (
            <span
              className={`absolute top-[9px] h-[20px] border-l-2 border-dashed ${row.outside.late ? "border-error" : "border-current"}`}
              style={{ left: scale(day(row.outside.on)) }}
              title={t("outside.before", { what: row.outside.words, date: shortDay(row.outside.on) })}
            />
          )}
        </span>
        <span className="pl-4 pr-3 overflow-hidden whitespace-nowrap text-ellipsis">
          <TurnMark turn={row.turn} /> {row.urgent && <span className="wrong">{t("desk.urgent")}: </span>}
          {row.outside?.late && (
            <span className="wrong">{t("outside.beforeDay", { date: shortDay(row.outside.on) })} </span>
          )}
          {row.next?.words ?? ""}
        </span>
      </button>
    </li>
  );
}
