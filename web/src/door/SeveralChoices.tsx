import { useId } from "react";
import type { Ask } from "./rows";
import { Ticks } from "./Ticks";

interface Props {
  ask: Ask;
  /** The words that are chosen, with commas between. */
  value: string;
  wrong: string;
  onType: (text: string) => void;
}

/** A question that several words answer, each ticked or not. */
export function SeveralChoices({ ask, value, wrong, onType }: Props) {
  const id = useId();
  const chosen = value.split(",").filter(Boolean);
  const isWrong = wrong !== "";
  return (
    <fieldset className="mb-4" aria-describedby={isWrong ? id : undefined}>
      <legend className="mb-1">{ask.label}</legend>
      <Ticks choices={ask.choices} chosen={chosen} onChosen={(words) => onType(words.join(","))} />
      {isWrong && (
        <p id={id} className="wrong mt-1">
          {wrong}
        </p>
      )}
    </fieldset>
  );
}
