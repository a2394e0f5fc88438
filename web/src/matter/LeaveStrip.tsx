import { scaleTime } from "d3-scale";
import { type PointerEvent, useId } from "react";
import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { DayField } from "../draft/DayField";
import { at } from "../draft/packet";
import { dateWords } from "../draft/typing";
import { asked } from "../i18n/words";
import { addDays, day, dayAndMonth, shortDay } from "../parts/format";
import { useWidth } from "../parts/useWidth";
import type { QuestionProps } from "./matter";
import { aids } from "./matter";

const LANE = 40;
const DAY = 86_400_000;
const DAYS = ["lastWorkedOn", "absentFrom", "benefitFrom", "returnOn"] as const;
type Kind = (typeof DAYS)[number];

/** The days of a leave: each typed, stepped with the arrow keys or dragged, on one strip with the weeks that are asked for. */
export function LeaveStrip({ handle, pointer, matter }: QuestionProps) {
  const { t } = useTranslation();
  const about = useId();
  const [measured, width] = useWidth();
  const place = pointer.replace(/[^/]+$/, "");
  const value = (kind: Kind) => at(handle.draft.packet, place + kind) as string | undefined;
  const atAStretch = at(handle.draft.packet, `${place}pattern`) !== "intermittent";
  const shown = DAYS.filter((kind) => kind !== "lastWorkedOn" || atAStretch);
  const set = (kind: Kind, iso: string) => handle.set(place + kind, iso);
  /** Where nothing is said yet, a step begins at the day before it in the strip. */
  const begin = (kind: Kind) =>
    shown
      .slice(0, shown.indexOf(kind))
      .reverse()
      .map(value)
      .find((iso) => iso !== undefined) ?? matter.today;
  const known = shown.map(value).filter((iso): iso is string => iso !== undefined);
  const ends = [...known, ...(known.length ? [] : [matter.today])].sort();
  const from = addDays(ends[0], -14);
  const to = [addDays(ends[ends.length - 1], 14), addDays(from, 84)].sort()[1];
  const x = scaleTime()
    .domain([day(from), day(to)])
    .range([0, width]);
  const left = aids<"PaidLeaveAids">(handle, matter)?.leave?.left;
  return (
    <div>
      <div className="grid grid-cols-[7.5rem_9.5rem] md:grid-cols-[7.5rem_9.5rem_minmax(0,1fr)] gap-x-3 mb-5">
        {shown.map((kind) => {
          const words = asked(matter.service, kind);
          const iso = value(kind);
          return (
            <div key={kind} className="contents">
              <span className="h-[40px] flex items-center">{words}</span>
              <span className="h-[40px] flex items-center">
                <DayField
                  handle={handle}
                  pointer={place + kind}
                  label={words}
                  describedBy={about}
                  value={iso}
                  today={matter.today}
                  ahead
                  expected="14 3 26"
                  className="w-36"
                  step={(days) => {
                    const fresh = addDays(iso ?? begin(kind), days);
                    set(kind, fresh);
                    return dateWords(fresh);
                  }}
                />
              </span>
            </div>
          );
        })}
        <div
          ref={measured}
          className={`min-w-0 col-span-2 md:col-span-1 md:col-start-3 md:row-start-1 ${shown.length === 4 ? "md:row-span-4" : "md:row-span-3"}`}
        >
          <Strip
            {...{ x, width, from, to, left }}
            days={shown.map((kind) => value(kind))}
            benefitFrom={value("benefitFrom")}
            returnOn={value("returnOn")}
            onMove={(lane, iso) => set(shown[lane], iso)}
          />
        </div>
      </div>
      <p id={about} className="soft small mt-1">
        {inWords(value("benefitFrom"), value("returnOn"), left, t)} {t("leave.keys")}
      </p>
    </div>
  );
}

function inWords(
  from: string | undefined,
  back: string | undefined,
  left: number | undefined,
  t: ReturnType<typeof useTranslation>["t"],
): string {
  if (!from || !back || back <= from) return "";
  const days = Math.round((day(back).getTime() - day(from).getTime()) / DAY);
  const asking = t("leave.asks", {
    from: shortDay(from),
    last: shortDay(addDays(back, -1)),
    weeks: [
      days >= 7 && t("leave.weeks", { count: Math.floor(days / 7) }),
      days % 7 > 0 && t("leave.days", { count: days % 7 }),
    ]
      .filter(Boolean)
      .join(", "),
  });
  return left === undefined ? asking : `${asking} ${t("leave.left", { count: left })}`;
}

interface StripProps {
  width: number;
  x: ReturnType<typeof scaleTime<number, number>>;
  from: string;
  to: string;
  left?: Schemas["LeaveBalance"]["left"];
  days: (string | undefined)[];
  benefitFrom?: string;
  returnOn?: string;
  onMove: (lane: number, iso: string) => void;
}

/** A picture of what the fields beside it say, in which a day can be dragged. */
function Strip({ x, width, from, to, left, days, benefitFrom, returnOn, onMove }: StripProps) {
  const height = days.length * LANE;
  const mondays: string[] = [];
  for (let iso = from; iso <= to; iso = addDays(iso, 1)) if (day(iso).getUTCDay() === 1) mondays.push(iso);
  const every = Math.max(1, Math.ceil((mondays.length * 46) / Math.max(width, 1)));
  const weeks: string[] = [];
  if (benefitFrom && returnOn)
    for (let iso = benefitFrom; iso < returnOn; iso = addDays(iso, 7)) weeks.push(iso);
  const end = benefitFrom && left !== undefined ? addDays(benefitFrom, Math.round(left * 7)) : undefined;
  const under = (event: PointerEvent<SVGElement>) => {
    const box = event.currentTarget.ownerSVGElement?.getBoundingClientRect();
    if (!box) return undefined;
    const moved = x.invert(((event.clientX - box.left) / box.width) * width);
    return new Date(Math.round(moved.getTime() / DAY) * DAY).toISOString().slice(0, 10);
  };
  return (
    <svg width={width} height={height} className="block overflow-visible" aria-hidden="true">
      {weeks.map((iso) => (
        <rect
          key={iso}
          x={x(day(iso)) + 0.5}
          y="0"
          width={Math.max(1, x(day([addDays(iso, 7), returnOn as string].sort()[0])) - x(day(iso)) - 1)}
          height={height}
          fill="var(--chosen)"
        />
      ))}
      {mondays.map((iso, i) => (
        <g key={iso}>
          <line x1={x(day(iso))} x2={x(day(iso))} y1="0" y2={height} stroke="var(--color-base-300)" />
          {i % every === 0 && x(day(iso)) > 16 && x(day(iso)) < width - 16 && (
            <text x={x(day(iso))} y={height + 14} fontSize="11" fill="var(--soft)" textAnchor="middle">
              {dayAndMonth(iso)}
            </text>
          )}
        </g>
      ))}
      {end && end <= to && (
        <line
          x1={x(day(end))}
          x2={x(day(end))}
          y1="0"
          y2={height}
          stroke="var(--wrong)"
          strokeDasharray="4 3"
          strokeWidth="1.5"
        />
      )}
      {days.map((iso, lane) => {
        const y = lane * LANE + LANE / 2;
        return (
          <g
            key={lane}
            className="cursor-ew-resize touch-none"
            onPointerDown={(event) => {
              // What is typed in a field is kept before the day is moved under it.
              (document.activeElement as HTMLElement | null)?.blur();
              event.currentTarget.setPointerCapture(event.pointerId);
              const at = under(event);
              if (at) onMove(lane, at);
            }}
            onPointerMove={(event) => {
              if (!event.currentTarget.hasPointerCapture(event.pointerId)) return;
              const at = under(event);
              if (at && at !== iso) onMove(lane, at);
            }}
          >
            <rect x="0" y={lane * LANE} width={width} height={LANE} fill="transparent" />
            <line x1="0" x2={width} y1={y} y2={y} stroke="var(--stone)" strokeWidth="1" />
            {iso && (
              <path
                d={`M${x(day(iso))} ${y - 11} v22 m-5 -11 a5 5 0 1 0 10 0 a5 5 0 1 0 -10 0`}
                stroke="var(--color-primary)"
                strokeWidth="2"
                fill="var(--color-primary)"
              />
            )}
          </g>
        );
      })}
    </svg>
  );
}
