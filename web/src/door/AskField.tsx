import { useId } from "react";
import { OpenChoice } from "./OpenChoice";
import { type Ask, personMarked } from "./rows";
import { SeveralChoices } from "./SeveralChoices";
import { useSay } from "./words";

const ISO_DAY = /^(\d{4}-\d{2}-\d{2})?$/;
const ISO_MONTH = /^(\d{4}-\d{2})?$/;
const LONGEST = 2000;
const NUMBERS = ["money", "number", "whole"];

interface Props {
  ask: Ask;
  value: string;
  /** What is wrong with it; empty where nothing is. */
  wrong: string;
  people: [string, string][];
  onType: (text: string) => void;
}

/** A question and the place for its answer. Nothing of it is offered again by the browser: it may be somebody else's phone. */
export function AskField({ ask, value, wrong, people, onType }: Props) {
  const say = useSay();
  const id = useId();
  const said = `${id}-wrong`;
  const known = `${id}-known`;
  const described = [ask.known && known, wrong && said].filter(Boolean).join(" ");
  const place = {
    id,
    value,
    "aria-invalid": wrong ? true : undefined,
    "aria-describedby": described || undefined,
    autoComplete: "off",
  };
  if (ask.choices.length === 1) {
    const person = personMarked(ask);
    const name = person && people.find(([number]) => number === person)?.[1];
    if (person && !name) return null;
    return (
      <label className="door-tick">
        <input
          type="checkbox"
          checked={value === ask.choices[0]?.word}
          onChange={(event) => onType(event.target.checked ? (ask.choices[0]?.word ?? "") : "")}
        />
        <span>{name || ask.label}</span>
      </label>
    );
  }
  if (ask.kind === "list" && ask.choices.length > 0) {
    return <SeveralChoices ask={ask} value={value} wrong={wrong} onType={onType} />;
  }
  const choices =
    ask.kind === "person" && ask.choices.length === 0
      ? people.map(([word, called]) => ({ word, said: called }))
      : ask.choices;
  return (
    <div className="mb-4">
      <label htmlFor={id} className="block mb-1">
        {ask.label}
      </label>
      {ask.known && (
        <p id={known} className="soft mb-1">
          {ask.known}
        </p>
      )}
      {choices.length > 0 && ask.kind === "text" ? (
        <OpenChoice {...place} label={ask.label} choices={choices} onType={onType} />
      ) : choices.length > 0 ? (
        <select className="door-field" {...place} onChange={(event) => onType(event.target.value)}>
          <option value="">{say("apply.choose")}</option>
          {choices.map((one) => (
            <option key={one.word} value={one.word}>
              {one.said}
            </option>
          ))}
        </select>
      ) : ask.kind === "longText" ? (
        <textarea
          className="door-field"
          rows={3}
          maxLength={LONGEST}
          dir="auto"
          {...place}
          onChange={(event) => onType(event.target.value)}
        />
      ) : (
        <input
          className="door-field"
          dir="auto"
          {...typeOf(ask.kind, value)}
          {...place}
          onChange={(event) => onType(event.target.value)}
        />
      )}
      {wrong && (
        <p id={said} className="wrong mt-1">
          {wrong}
        </p>
      )}
    </div>
  );
}

/** A day is picked; what was typed and can't be one stays to be seen. */
function typeOf(kind: string, value: string): { type: string; inputMode?: "decimal"; maxLength?: number } {
  if (kind === "date" && ISO_DAY.test(value)) return { type: "date" };
  if (kind === "month" && ISO_MONTH.test(value)) return { type: "month" };
  return NUMBERS.includes(kind)
    ? { type: "text", inputMode: "decimal", maxLength: LONGEST }
    : { type: "text", maxLength: LONGEST };
}
