import type { ScaleTime } from "d3-scale";
import { useTranslation } from "react-i18next";
import { addDays, day, hours, shortDay } from "./format";

interface Props {
  tide: { day: string; minutes: number }[];
  freeMinutes: number;
  today: string;
  scale: ScaleTime<number, number>;
  height: number;
}

/** The work falling due each day in minutes, against the line of one's own free time; what is overdue silts up left of today. */
export function Tide({ tide, freeMinutes, today, scale, height }: Props) {
  const { t } = useTranslation();
  const [left, right] = scale.range();
  const most = Math.max(freeMinutes * 1.25, ...tide.map((one) => one.minutes));
  const tall = (minutes: number) => (minutes / most) * (height - 18);
  const column = scale(day(addDays(today, 1))) - scale(day(today)) - 3;
  const water = height - tall(freeMinutes);
  return (
    <svg width={right} height={height} role="img" aria-label={t("desk.tide")}>
      {tide.map((one) => {
        const x = scale(day(one.day));
        const late = one.day < today;
        return x < left - column || x > right ? null : (
          <g key={one.day}>
            <title>{`${shortDay(one.day)}: ${hours(one.minutes)}`}</title>
            <rect
              x={x - column / 2}
              y={height - tall(one.minutes)}
              width={column}
              height={tall(one.minutes)}
              fill={late ? "var(--wrong)" : "var(--ours)"}
            />
          </g>
        );
      })}
      <line
        x1={scale(day(today))}
        x2={right}
        y1={water}
        y2={water}
        stroke="var(--soft)"
        strokeDasharray="2 3"
      />
      <text x={right - 2} y={water - 4} textAnchor="end" fontSize="11" fill="var(--soft)">
        {t("desk.free", { minutes: hours(freeMinutes) })}
      </text>
    </svg>
  );
}
