import { useTranslation } from "react-i18next";
import type { Row } from "../api/client";

interface Props {
  rows: Row[];
  /** Whether there are more claims than these rows. */
  more: boolean;
  drafts: number;
  round: string;
  onRound: (round: string) => void;
}

/** The work grouped by its next step. */
export function Rounds({ rows, more, drafts, round, onRound }: Props) {
  const { t } = useTranslation();
  const steps = new Map<string, number>();
  for (const row of rows) {
    if (row.next) steps.set(row.next.words, (steps.get(row.next.words) ?? 0) + 1);
  }
  const all: [string, string, number][] = [
    ["", t("desk.all"), rows.length],
    ["drafts", t("desk.drafts"), drafts],
    ...[...steps].map(([words, count]): [string, string, number] => [words, words, count]),
  ];
  return (
    <div className="flex flex-wrap gap-x-3.5 small whitespace-nowrap min-w-0 self-end">
      {all.map(([key, words, count]) => (
        <button
          key={key}
          type="button"
          aria-pressed={round === key}
          className={`cursor-pointer min-h-[34px] pt-1.5 border-b-3 ${round === key ? "border-primary font-semibold" : "border-transparent"}`}
          onClick={() => onRound(key)}
        >
          {words}{" "}
          <span className="case">
            {count}
            {more && key !== "drafts" && "+"}
          </span>
        </button>
      ))}
    </div>
  );
}
