import type { ScaleTime } from "d3-scale";
import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { addDays, day, hours, shortDay } from "../parts/format";
import { Tide } from "../parts/Tide";
import { TurnMark } from "../parts/TurnMark";

interface Props {
  axis: (element: HTMLElement | null) => (() => void) | undefined;
  page?: Schemas["DeskPage"];
  today: string;
  scale: ScaleTime<number, number>;
}

export const COLUMNS = "on-axis grid grid-cols-[196px_1fr_250px]";

/** The tide and the days, above the rows and on their axis. */
export function AxisHead({ axis, page, today, scale }: Props) {
  const { t } = useTranslation();
  const minutesOn = (test: (iso: string) => boolean) =>
    (page?.tide ?? []).filter((one) => test(one.day)).reduce((sum, one) => sum + one.minutes, 0);
  const late = minutesOn((iso) => iso < today);
  const mondays = Array.from({ length: 50 }, (_, i) => addDays(today, i - 14)).filter(
    (iso) =>
      day(iso).getUTCDay() === 1 &&
      Math.abs(scale(day(iso)) - scale(day(today))) > 46 &&
      scale(day(iso)) < scale.range()[1] - 22,
  );
  return (
    <div className={`${COLUMNS} sticky top-0 z-10 bg-base-100 border-b border-base-content`}>
      <div className="pl-5 pt-3 small">
        <p className="font-semibold">{shortDay(today)}</p>
        <p className="soft">{t("desk.dueToday", { minutes: hours(minutesOn((iso) => iso === today)) })}</p>
        {late > 0 && <p className="wrong">{t("desk.late", { minutes: hours(late) })}</p>}
      </div>
      <div ref={axis} className="overflow-hidden">
        <Tide
          tide={page?.tide ?? []}
          freeMinutes={page?.freeMinutes ?? 240}
          today={today}
          scale={scale}
          height={88}
        />
        <svg width={scale.range()[1]} height="20" aria-hidden="true" className="block">
          {mondays.map((iso) => (
            <text key={iso} x={scale(day(iso))} y="14" textAnchor="middle" fontSize="12" fill="var(--soft)">
              {shortDay(iso).slice(4)}
            </text>
          ))}
          <text
            x={scale(day(today))}
            y="14"
            textAnchor="middle"
            fontSize="12"
            fontWeight="700"
            fill="currentColor"
          >
            {shortDay(today).slice(4)}
          </text>
        </svg>
      </div>
      <ul className="pl-4 pt-3 small soft">
        <li className="flex flex-wrap gap-x-3">
          {["ours", "household", "thirdParty"].map((turn) => (
            <span key={turn} className="whitespace-nowrap">
              <TurnMark turn={turn} /> {t(`turn.${turn}`)}
            </span>
          ))}
        </li>
        <li>⚑ {t("desk.legendDue")}</li>
        <li>
          │ {t("desk.legendToday")} · ┊ {t("desk.legendOutside")}
        </li>
      </ul>
    </div>
  );
}
