import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";

interface Props {
  rounds: Schemas["Round"][];
  drafts: number;
  round: string;
  onRound: (round: string) => void;
}

/** The work grouped by its next step. */
export function Rounds({ rounds, drafts, round, onRound }: Props) {
  const { t } = useTranslation();
  const open = rounds.reduce((sum, one) => sum + one.claims, 0);
  const all = [
    { key: "", words: t("desk.all"), count: open },
    { key: "drafts", words: t("desk.drafts"), count: drafts },
    ...rounds.map((one) => ({ key: one.step, words: one.words, count: one.claims })),
  ];
  return (
    <div className="flex flex-wrap gap-x-3.5 small whitespace-nowrap min-w-0 self-end">
      {all.map(({ key, words, count }) => (
        <button
          key={key}
          type="button"
          aria-pressed={round === key}
          className={`cursor-pointer min-h-[34px] pt-1.5 border-b-3 ${round === key ? "border-primary font-semibold" : "border-transparent"}`}
          onClick={() => onRound(key)}
        >
          {words} <span className="case">{count}</span>
        </button>
      ))}
    </div>
  );
}
