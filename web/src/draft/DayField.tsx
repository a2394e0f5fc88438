import { DayPlace } from "../parts/DayPlace";
import { Field } from "./Field";
import { dateWords, readDate } from "./typing";
import type { DraftHandle } from "./useDraft";

interface Props {
  handle: DraftHandle;
  pointer: string;
  label: string;
  /** The day, YYYY-MM-DD. */
  value?: string;
  today: string;
  /** What it looks like when nobody types; the day in words where nothing else is said. */
  shown?: string;
  /** Whether a year of two digits may lie ahead. */
  ahead?: boolean;
  put?: (value: unknown) => void;
  clear?: () => void;
  expected: string;
  className?: string;
  placeholder?: string;
  describedBy?: string;
  step?: (by: number) => string;
}

/** A field for a day: typed as people write it, or chosen from a calendar. */
export function DayField({ value, today, ahead, ...field }: Props) {
  const shown = field.shown ?? dateWords(value);
  return (
    <DayPlace today={today} day={value} ahead={ahead ?? false}>
      <Field
        {...field}
        shown={shown}
        read={(text) => (text === shown ? value : readDate(text, today, ahead))}
      />
    </DayPlace>
  );
}
