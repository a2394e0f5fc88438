import { useId } from "react";

interface Props {
  label: string;
  name: string;
  onName: (name: string) => void;
}

/** The place for the name by which somebody signs. */
export function NameField({ label, name, onName }: Props) {
  const id = useId();
  return (
    <>
      <label htmlFor={id} className="block mb-1">
        {label}
      </label>
      <input
        id={id}
        className="door-field case"
        dir="auto"
        autoComplete="off"
        maxLength={200}
        required
        value={name}
        onChange={(event) => onName(event.target.value)}
      />
    </>
  );
}
