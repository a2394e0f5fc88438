import type { Schemas } from "../api/client";

const WIDTH = 340;
const HEIGHT = 22;
const LEAST = 6;

/** Whose turn it has been, drawn as the desk draws it: ours filled, theirs hollow, others dotted; told in words below. */
export function TurnBar({ stretches }: { stretches: Schemas["DoorStretch"][] }) {
  const days = stretches.reduce((sum, one) => sum + one.days, 0);
  if (days === 0) return null;
  let at = 0;
  const parts = stretches.map((one, i) => {
    const from = at;
    at += Math.max(LEAST, (one.days / days) * (WIDTH - stretches.length * LEAST));
    return { ...one, from, to: at, id: i };
  });
  return (
    <figure className="my-3">
      <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="w-full h-6 rtl:-scale-x-100" aria-hidden="true">
        {parts.map((part) => (
          <Part key={part.id} {...part} />
        ))}
        <line x1={at + 1} x2={at + 1} y1="2" y2="20" stroke="currentColor" strokeWidth="2" />
      </svg>
      <figcaption className="soft">{stretches.map((one) => one.words).join(" · ")}</figcaption>
    </figure>
  );
}

function Part({ turn, from, to }: { turn: string; from: number; to: number }) {
  const middle = HEIGHT / 2;
  if (turn === "household") {
    return (
      <rect
        x={from + 1}
        y={middle - 5}
        width={to - from - 2}
        height="10"
        fill="none"
        stroke="var(--household)"
        strokeWidth="2"
      />
    );
  }
  if (turn === "thirdParty") {
    return (
      <line
        x1={from + 3}
        x2={to - 2}
        y1={middle}
        y2={middle}
        stroke="var(--third)"
        strokeWidth="6"
        strokeDasharray="0.1 10"
        strokeLinecap="round"
      />
    );
  }
  return turn === "ours" ? (
    <rect x={from} y={middle - 5} width={to - from} height="10" fill="var(--ours)" />
  ) : (
    <line x1={from} x2={to} y1={middle} y2={middle} stroke="var(--stone)" />
  );
}
