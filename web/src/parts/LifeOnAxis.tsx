import type { ScaleTime } from "d3-scale";
import { day } from "./format";
import { TurnLine } from "./TurnLine";

interface Life {
  stretches: { from: string; to: string; turn: string }[];
  turn: string;
  lodgedOn: string;
  dueOn: string;
}

interface Props {
  claim: Life;
  today: string;
  scale: ScaleTime<number, number>;
  height: number;
  late: boolean;
}

/** A claim's life on an axis that it shares with others, with today as one line through them all. */
export function LifeOnAxis({ claim, today, scale, height, late }: Props) {
  return (
    <>
      <span
        className="absolute top-0 bottom-0 w-[2px] bg-current"
        style={{ left: scale(day(today)) - 1 }}
        aria-hidden="true"
      />
      <TurnLine
        stretches={claim.stretches}
        turn={claim.turn}
        lodgedOn={claim.lodgedOn}
        dueOn={claim.dueOn}
        today={today}
        scale={scale}
        height={height}
        late={late}
      />
    </>
  );
}
