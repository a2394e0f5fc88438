import type { ScaleTime } from "d3-scale";
import { useTranslation } from "react-i18next";
import { day, shortDay } from "./format";

interface Stretch {
  from: string;
  to: string;
  turn: string;
}

interface Props {
  stretches: Stretch[];
  turn: string;
  lodgedOn: string;
  dueOn?: string;
  today: string;
  scale: ScaleTime<number, number>;
  height: number;
  late?: boolean;
}

/** A claim's life on a calendar: each stretch in the texture of whose turn it was, and a flag for the due date. */
export function TurnLine({ stretches, turn, lodgedOn, dueOn, today, scale, height, late }: Props) {
  const { t } = useTranslation();
  const middle = height / 2;
  const [left, right] = scale.range();
  const x = (iso: string) => Math.max(left, Math.min(right, scale(day(iso))));
  const words = stretches.map((s) => `${shortDay(s.from)} ${t(`turn.${s.turn}`)}`).join(", ");
  const due = dueOn ? x(dueOn) : undefined;
  return (
    <svg
      width={right}
      height={height}
      role="img"
      aria-label={`${words || `${shortDay(lodgedOn)} ${t(`turn.${turn}`)}`}${dueOn ? `; ${t("desk.due", { date: shortDay(dueOn) })}` : ""}`}
    >
      {due !== undefined && turn !== "over" && (
        <line
          x1={x(today)}
          x2={due}
          y1={middle}
          y2={middle}
          stroke="var(--color-base-300)"
          strokeWidth="1.5"
        />
      )}
      {stretches.map((s) => (
        <Part key={s.from} from={x(s.from)} to={x(s.to)} turn={s.turn} middle={middle} />
      ))}
      {stretches.length === 0 && (
        <rect x={x(today) - 3} y={middle - 4} width="6" height="8" fill="var(--ours)" />
      )}
      {stretches.map((s) => (
        <line
          key={s.from}
          x1={x(s.from)}
          x2={x(s.from)}
          y1={middle - 9}
          y2={middle - 6}
          stroke="currentColor"
        />
      ))}
      {due !== undefined && turn !== "over" && (
        <g stroke={late ? "var(--wrong)" : "currentColor"} fill={late ? "var(--wrong)" : "currentColor"}>
          <line x1={due} x2={due} y1={middle - 10} y2={middle + 7} strokeWidth="1.5" />
          <path d={`M${due},${middle - 10} l9,4 l-9,4 z`} stroke="none" />
        </g>
      )}
    </svg>
  );
}

function Part({ from, to, turn, middle }: { from: number; to: number; turn: string; middle: number }) {
  const width = Math.max(1, to - from);
  if (turn === "ours") {
    return <rect x={from} y={middle - 4} width={width} height="8" fill="var(--ours)" />;
  }
  if (turn === "household") {
    return (
      <rect
        x={from + 0.75}
        y={middle - 3.25}
        width={Math.max(1, width - 1.5)}
        height="6.5"
        fill="none"
        stroke="var(--household)"
        strokeWidth="1.5"
      />
    );
  }
  return (
    <line
      x1={from + 2}
      x2={to}
      y1={middle}
      y2={middle}
      stroke={turn === "thirdParty" ? "var(--third)" : "var(--stone)"}
      strokeWidth={turn === "thirdParty" ? 4 : 1.5}
      strokeLinecap="round"
      strokeDasharray={turn === "thirdParty" ? "0 7" : undefined}
    />
  );
}
