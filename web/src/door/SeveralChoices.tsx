import { useId } from "react";
import type { Ask } from "./rows";

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
      {ask.choices.map((one) => (
        <label key={one.word} className="door-tick">
          <input
            type="checkbox"
            checked={chosen.includes(one.word)}
            onChange={(event) =>
              onType(
                (event.target.checked
                  ? [...chosen, one.word]
                  : chosen.filter((word) => word !== one.word)
                ).join(","),
              )
            }
          />
          <span>{one.said}</span>
        </label>
      ))}
      {isWrong && (
        <p id={id} className="wrong mt-1">
          {wrong}
        </p>
      )}
    </fieldset>
  );
}
