import { scaleTime } from "d3-scale";
import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { day, fullDay } from "../parts/format";
import type { QuestionProps } from "./matter";
import { aids } from "./matter";
import { Rows } from "./Rows";

/** Times without a home, one row each, and all of them on one strip of the years that count. */
export function HomelessStrip(props: QuestionProps) {
  const { t } = useTranslation();
  const strip = aids<"HousingListAids">(props.handle, props.matter)?.homeless;
  const width = 560;
  return (
    <div>
      <Rows {...props} />
      {strip && strip.times.length > 0 && (
        <figure className="mt-3">
          <Years strip={strip} width={width} />
          <figcaption className="small">
            {t("homeless.strip", {
              count: strip.times.length,
              days: strip.days,
              long: strip.longFrom,
              from: fullDay(strip.from),
            })}
          </figcaption>
        </figure>
      )}
    </div>
  );
}

function Years({ strip, width }: { strip: Schemas["HomelessStrip"]; width: number }) {
  const x = scaleTime()
    .domain([day(strip.from), day(strip.to)])
    .range([0, width]);
  return (
    <svg width={width} height="30" aria-hidden="true" className="block">
      <line x1="0" x2={width} y1="9" y2="9" stroke="var(--color-base-300)" strokeWidth="2" />
      {strip.times.map(({ from, to }, i) => (
        <rect
          key={i}
          x={x(day(from))}
          y="5"
          width={Math.max(2, x(day(to)) - x(day(from)))}
          height="8"
          fill="currentColor"
        />
      ))}
      {x.ticks(5).map((tick) => (
        <text key={tick.getTime()} x={x(tick)} y="27" fontSize="11" fill="var(--soft)" textAnchor="middle">
          {tick.getUTCFullYear()}
        </text>
      ))}
    </svg>
  );
}
