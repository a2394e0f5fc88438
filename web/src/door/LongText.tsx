import { useId } from "react";

interface Props {
  label: string;
  text: string;
  onText: (text: string) => void;
}

/** A place to write some sentences, which have to be written. */
export function LongText({ label, text, onText }: Props) {
  const id = useId();
  return (
    <div className="mb-3">
      <label htmlFor={id} className="block mb-1">
        {label}
      </label>
      <textarea
        id={id}
        className="door-field"
        rows={3}
        maxLength={2000}
        required
        dir="auto"
        value={text}
        onChange={(event) => onText(event.target.value)}
      />
    </div>
  );
}
