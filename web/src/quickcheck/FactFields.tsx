import { useTranslation } from "react-i18next";
import { goOn } from "../draft/Field";
import type { Told } from "./useQuickCheck";

const BY_FACT: Record<string, (keyof Told)[]> = {
  postcode: ["postcode"],
  people: ["adults", "from14", "under14"],
  income: ["monthly"],
  owned: ["owned"],
};

interface Props {
  facts: string[];
  told: Told;
  onTell: (part: Partial<Told>) => void;
}

/** What a first look asks of the household: how many, how much together, and where. */
export function FactFields({ facts, told, onTell }: Props) {
  const { t } = useTranslation();
  const keys = facts.flatMap((fact) => BY_FACT[fact] ?? []);
  if (keys.length === 0) return null;
  return (
    <div className="flex flex-wrap gap-5">
      {keys.map((key) => (
        <label key={key} className="flex flex-col gap-0.5">
          <span className="soft small">{t(`quick.${key}`)}</span>
          <input
            className={`input case ${key === "monthly" || key === "owned" ? "w-36 text-right" : "w-24"}`}
            value={told[key]}
            autoComplete="off"
            onFocus={(event) => event.target.select()}
            onChange={(event) => onTell({ [key]: event.target.value })}
            onKeyDown={goOn}
          />
        </label>
      ))}
    </div>
  );
}
