import { useSay } from "./words";

interface Props {
  value: string;
  onChange: (code: string) => void;
}

/** The place for the code that is waited for; a phone offers it as it comes. */
export function CodeField({ value, onChange }: Props) {
  const say = useSay();
  return (
    <label className="block mb-4">
      {say("entry.code")}
      <input
        className="door-field case text-[1.4rem] tracking-[0.3em]"
        dir="ltr"
        inputMode="numeric"
        autoComplete="one-time-code"
        maxLength={9}
        // biome-ignore lint/a11y/noAutofocus: it is what is waited for now.
        autoFocus
        required
        value={value}
        onChange={(event) => onChange(event.target.value)}
      />
    </label>
  );
}
