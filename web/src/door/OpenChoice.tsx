import { useState } from "react";
import type { Schemas } from "../api/client";
import { useSay } from "./words";

const OTHER = "\u0000";
const LONGEST = 2000;

interface Props {
  id: string;
  label: string;
  value: string;
  choices: Schemas["DoorChoice"][];
  onType: (text: string) => void;
  "aria-invalid"?: boolean;
  "aria-describedby"?: string;
  autoComplete: string;
}

/** One of what is proposed, or something else in one's own words. */
export function OpenChoice({ label, value, choices, onType, ...place }: Props) {
  const say = useSay();
  const isProposed = choices.some((one) => one.word === value);
  const [other, setOther] = useState(value !== "" && !isProposed);
  return (
    <>
      <select
        className="door-field"
        {...place}
        value={other ? OTHER : value}
        onChange={(event) => {
          const isOther = event.target.value === OTHER;
          setOther(isOther);
          onType(isOther ? "" : event.target.value);
        }}
      >
        <option value="">{say("apply.choose")}</option>
        {choices.map((one) => (
          <option key={one.word} value={one.word}>
            {one.said}
          </option>
        ))}
        <option value={OTHER}>{say("apply.other")}</option>
      </select>
      {other && (
        <input
          className="door-field mt-2"
          type="text"
          dir="auto"
          maxLength={LONGEST}
          aria-label={`${label}: ${say("apply.other")}`}
          autoComplete="off"
          value={value}
          onChange={(event) => onType(event.target.value)}
        />
      )}
    </>
  );
}
