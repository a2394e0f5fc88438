import { useTranslation } from "react-i18next";

interface Props {
  /** What the form calls it. */
  name: string;
  /** What is pressed once it is typed. */
  note: string;
  refusal: string;
}

/** Who told the office something, and how: without it nothing is noted that a household says. */
export function WhoSaid({ name, note, refusal }: Props) {
  const { t } = useTranslation();
  return (
    <>
      <label className="flex flex-col small">
        {t("asking.whoSaid")}
        <input name={name} className="input input-sm w-72 max-w-full" required />
      </label>
      <button type="submit" className="btn btn-sm btn-primary">
        {note}
      </button>
      <p role="alert" className="wrong small">
        {refusal}
      </p>
    </>
  );
}
