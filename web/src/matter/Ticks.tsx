import type { ReactNode } from "react";
import { goOn, place } from "../draft/Field";

interface Props {
  pointer: string;
  label: string;
  options: string[];
  /** The options by the question each stands under; none where they are asked in one. */
  sets?: { asked: string; options: string[] }[];
  chosen: string[];
  words: (option: string) => ReactNode;
  onChange: (chosen: string[]) => void;
}

/** Words of a list, each to be ticked. */
export function Ticks({ pointer, label, options, sets, chosen, words, onChange }: Props) {
  const ticks = (some: string[]) => (
    <div className="flex flex-wrap gap-x-5 gap-y-1">
      {some.map((option) => (
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
    </div>
  );
  return (
    <fieldset id={place(pointer)} onKeyDown={goOn}>
      <legend className="sr-only">{label}</legend>
      {sets?.length
        ? sets.map((set) => {
            const shown = set.options.filter((option) => options.includes(option));
            return (
              shown.length > 0 && (
                <fieldset key={set.asked} className="mt-1">
                  <legend className="soft">{set.asked}</legend>
                  {ticks(shown)}
                </fieldset>
              )
            );
          })
        : ticks(options)}
    </fieldset>
  );
}
