import { useTranslation } from "react-i18next";
import type { Row } from "../api/client";
import { shortDay } from "../parts/format";
import { Key } from "../parts/Keys";
import { TurnMark } from "../parts/TurnMark";

interface Props {
  row: Row;
  onOpen: () => void;
  onTakeUp: () => void;
}

/** What there is to know of a claim without opening it. */
export function Peek({ row, onOpen, onTakeUp }: Props) {
  const { t } = useTranslation();
  const days = row.workingDaysLeft;
  const left =
    days < 0
      ? t("desk.overdue", { count: -days })
      : days === 0
        ? t("desk.today")
        : t("desk.days", { count: days });
  return (
    <div className="flex flex-col min-h-full">
      <h2 className="case text-[1.5rem] leading-tight">{row.householdName}</h2>
      <p className="soft">{[row.title, row.town].filter(Boolean).join(", ")}</p>
      <p className="case soft">{row.number}</p>
      <h3 className="head mt-4">
        <span>{t("desk.next")}</span>
        <span className={days < 0 ? "wrong" : ""}>{left}</span>
      </h3>
      <p>
        <TurnMark turn={row.turn} /> {row.next?.words}
      </p>
      <p className="soft small">{t("desk.due", { date: shortDay(row.dueOn) })}</p>
      {row.outside && (
        <p className={row.outside.late ? "wrong mt-2" : "mt-2"}>
          {row.outside.late ??
            t("outside.before", { what: row.outside.words, date: shortDay(row.outside.on) })}
        </p>
      )}
      <h3 className="head mt-4">
        <span>{t("desk.wanted")}</span>
        <span>{row.open.length || ""}</span>
      </h3>
      {row.open.length === 0 && <p className="soft">{t("desk.nothingWanted")}</p>}
      <ul className="flex flex-col gap-2">
        {row.open.map((words) => (
          <li key={words} className="leading-snug">
            {words}
          </li>
        ))}
      </ul>
      <div className="mt-auto pt-5 flex gap-2">
        <button type="button" className="btn btn-primary" onClick={onOpen}>
          {t("desk.openClaim")} <Key of="Alt+O" />
        </button>
        {!row.holder && (
          <button type="button" className="btn" onClick={onTakeUp}>
            {t("desk.takeUp")}
          </button>
        )}
      </div>
    </div>
  );
}
