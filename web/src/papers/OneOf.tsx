interface Props {
  label: string;
  /** What it says while nothing is chosen. */
  none: string;
  value: string;
  /** Each with its id and its words. */
  options: [string, string][];
  wide?: boolean;
  onValue: (value: string) => void;
}

/** One of a few, or none, with its label above. */
export function OneOf({ label, none, value, options, wide, onValue }: Props) {
  return (
    <label className={`flex flex-col gap-0.5 flex-1 ${wide ? "basis-full" : "min-w-28"}`}>
      <span className="soft small">{label}</span>
      <select className="select w-full" value={value} onChange={(event) => onValue(event.target.value)}>
        <option value="">{none}</option>
        {options.map(([id, words]) => (
          <option key={id} value={id}>
            {words}
          </option>
        ))}
      </select>
    </label>
  );
}
