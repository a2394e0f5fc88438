import type { ReactNode } from "react";
import { place } from "../draft/Field";

interface Props {
  pointer: string;
  label: string;
  options: string[];
  chosen: string[];
  words: (option: string) => ReactNode;
  onChange: (chosen: string[]) => void;
}

/** Words of a list, each to be ticked. */
export function Ticks({ pointer, label, options, chosen, words, onChange }: Props) {
  return (
    <fieldset id={place(pointer)} className="flex flex-wrap gap-x-5 gap-y-1">
      <legend className="sr-only">{label}</legend>
      {options.map((option) => (
        <label key={option} className="inline-flex items-center gap-2 min-h-8">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            checked={chosen.includes(option)}
            onChange={(event) =>
              onChange(event.target.checked ? [...chosen, option] : chosen.filter((one) => one !== option))
            }
          />
          {words(option)}
        </label>
      ))}
    </fieldset>
  );
}
