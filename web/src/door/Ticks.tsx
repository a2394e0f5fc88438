import type { Schemas } from "../api/client";

interface Props {
  choices: Schemas["DoorChoice"][];
  /** The words that are ticked. */
  chosen: string[];
  onChosen: (chosen: string[]) => void;
}

/** Choices of which any number is ticked. */
export function Ticks({ choices, chosen, onChosen }: Props) {
  return choices.map((one) => (
    <label key={one.word} className="door-tick">
      <input
        type="checkbox"
        checked={chosen.includes(one.word)}
        onChange={(event) =>
          onChosen(event.target.checked ? [...chosen, one.word] : chosen.filter((word) => word !== one.word))
        }
      />
      <span>{one.said}</span>
    </label>
  ));
}
