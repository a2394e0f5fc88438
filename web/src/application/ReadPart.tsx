import { useTranslation } from "react-i18next";
import { spoken } from "../i18n/words";
import { amountWords } from "../parts/Margin";
import { PeopleTokens } from "../parts/PeopleTokens";
import type { Gap } from "./gaps";
import type { DraftHandle } from "./useDraft";

interface Props {
  handle: DraftHandle;
  open: Gap[];
  today: string;
  onGoTo: (pointer: string) => void;
}

/** The whole read through, with every gap in one list. */
export function ReadPart({ handle, open, today, onGoTo }: Props) {
  const { t } = useTranslation();
  const packet = handle.draft.packet;
  const household = packet.household;
  const names = new Map(household.people.map((person) => [person.id, person.givenName || person.id]));
  return (
    <section className="flex flex-col gap-6">
      <div>
        <h2 className="head">
          <span>{t("app.gaps")}</span>
          <span>{open.length || ""}</span>
        </h2>
        {open.length === 0 && <p className="soft">{t("app.noGaps")}</p>}
        <ul>
          {open.map((gap, i) => (
            <li key={i} className="border-b border-base-300 py-1">
              <button type="button" className="plain-link text-left" onClick={() => onGoTo(gap.pointer)}>
                {gap.words}
              </button>
            </li>
          ))}
        </ul>
      </div>
      <div>
        <h2 className="head">{t("app.facts")}</h2>
        <PeopleTokens people={household.people} today={today} />
        <dl className="mt-3">
          {household.incomes.map((income) => (
            <Line
              key={income.id}
              label={`${names.get(income.person ?? "") ?? ""}, ${spoken(income.kind ?? "")}`}
              value={`${amountWords(income.amount ?? income.hourlyRate)} ${spoken(income.frequency ?? "")}`}
            />
          ))}
          {household.noIncome.map((one) => (
            <Line key={one.person} label={names.get(one.person) ?? ""} value={t("app.noIncome")} />
          ))}
          {household.expenses.map((expense, i) => (
            <Line
              key={i}
              label={spoken(expense.kind ?? "")}
              value={`${amountWords(expense.amount)} ${spoken(expense.frequency ?? "")}`}
            />
          ))}
          {packet.requests.map((request) => (
            <Line
              key={request.service}
              label={spoken(request.service)}
              value={answersInWords(request.answers, names)}
            />
          ))}
        </dl>
      </div>
    </section>
  );
}

function Line({ label, value }: { label: string; value: string }) {
  return (
    <div className="grid grid-cols-[14rem_1fr] border-b border-base-300 py-1">
      <dt className="soft">{label}</dt>
      <dd className="case">{value}</dd>
    </div>
  );
}

/** Answers as they would be read aloud. */
function answersInWords(value: unknown, names: Map<string, string>): string {
  if (Array.isArray(value)) return value.map((one) => answersInWords(one, names)).join("; ");
  if (value && typeof value === "object") {
    return Object.entries(value)
      .map(([key, part]) => `${spoken(key)}: ${answersInWords(part, names)}`)
      .join(", ");
  }
  return typeof value === "string" ? (names.get(value) ?? value) : amountWords(value);
}
