import { useTranslation } from "react-i18next";
import { spoken } from "../i18n/words";
import { money } from "../parts/format";
import { Choice } from "./Choice";
import { Field } from "./Field";
import { type Expense, freshId, type Income } from "./packet";
import { readAmount, readNumber, type TypedAmount } from "./typing";
import type { DraftHandle } from "./useDraft";

const KINDS = [
  "wages",
  "selfEmployment",
  "pension",
  "unemploymentPay",
  "childSupport",
  "disabilityPension",
  "familyHelp",
  "rentReceived",
  "interest",
  "leavePay",
  "other",
  "fosterPayment",
  "studyGrant",
  "loan",
  "livingAllowance",
];
const FREQUENCIES = [
  "weekly",
  "fortnightly",
  "fourWeekly",
  "twiceMonthly",
  "monthly",
  "quarterly",
  "yearly",
  "once",
];
const EXPENSES = ["rent", "mortgage", "heating", "childcare", "medical", "supportPaid"];
const ASSETS = [
  "cash",
  "current",
  "savings",
  "investments",
  "retirement",
  "realEstate",
  "vehicle",
  "business",
  "other",
];
const INCOME_COLUMNS = "grid-cols-[6.5rem_8.5rem_6.5rem_7.5rem_1fr_6rem_1.4rem]";
const EXPENSE_COLUMNS = "grid-cols-[9.5rem_8rem_8.5rem_1fr_1.6rem]";

/** Money in, money out and what is owned: one row a source. */
export function MoneyPart({ handle }: { handle: DraftHandle }) {
  const { t } = useTranslation();
  const household = handle.draft.packet.household;
  const names = new Map(household.people.map((person) => [person.id, person.givenName || person.id]));
  const ids = [...names.keys()];
  const named = (id: string) => names.get(id) ?? id;
  return (
    <section className="flex flex-col gap-6">
      <div>
        <h2 className="head">{t("app.incomes")}</h2>
        <div className={`grid-row grid-head ${INCOME_COLUMNS}`}>
          <span>{t("app.whose")}</span>
          <span>{t("app.source")}</span>
          <span className="text-right pr-2">{t("app.amount")}</span>
          <span>{t("app.frequency")}</span>
          <span>{t("app.employer")}</span>
          <span className="text-right">{t("app.monthly")}</span>
          <span />
        </div>
        {household.incomes.map((income, i) => (
          <IncomeRow key={income.id} handle={handle} income={income} index={i} ids={ids} named={named} />
        ))}
        <div className="flex gap-4 mt-3 flex-wrap items-center">
          <button type="button" data-flow className="btn btn-sm" onClick={() => addIncome(handle)}>
            {t("app.addIncome")} <kbd className="key">Alt M</kbd>
          </button>
        </div>
        <NoIncome handle={handle} named={named} />
      </div>
      <div className="grid grid-cols-1 xl:grid-cols-2 gap-8">
        <div>
          <h2 className="head">{t("app.expenses")}</h2>
          {household.expenses.map((expense, i) => (
            <ExpenseRow key={i} handle={handle} expense={expense} index={i} ids={ids} named={named} />
          ))}
          <button
            type="button"
            data-flow
            className="btn btn-sm mt-3"
            onClick={() =>
              handle.set(`/household/expenses/${household.expenses.length}`, {
                kind: "rent",
                frequency: "monthly",
              })
            }
          >
            {t("app.addExpense")}
          </button>
        </div>
        <div>
          <h2 className="head">{t("app.assets")}</h2>
          {household.assets.map((asset, i) => (
            <div key={i} className="grid-row grid-cols-[9.5rem_8rem_1fr_1.6rem]">
              <Choice
                handle={handle}
                pointer={`/household/assets/${i}/kind`}
                label={`${t("app.kind")} ${i + 1}`}
                options={ASSETS}
              />
              <Field
                handle={handle}
                pointer={`/household/assets/${i}/value`}
                label={`${t("app.value")} ${i + 1}`}
                shown={asset.value === undefined ? "" : money(asset.value)}
                read={readNumber}
                expected="1,200.50"
                right
              />
              <Choice
                handle={handle}
                pointer={`/household/assets/${i}/person`}
                label={`${t("app.whose")} ${i + 1}`}
                options={ids}
                words={named}
              />
              <Remove handle={handle} list="assets" index={i} />
            </div>
          ))}
          <button
            type="button"
            data-flow
            className="btn btn-sm mt-3"
            onClick={() =>
              handle.set(`/household/assets/${household.assets.length}`, { kind: "current", person: ids[0] })
            }
          >
            {t("app.addAsset")}
          </button>
        </div>
      </div>
    </section>
  );
}

export function addIncome(handle: DraftHandle) {
  const household = handle.draft.packet.household;
  handle.set(`/household/incomes/${household.incomes.length}`, {
    id: freshId("i", household.incomes),
    person: household.people[0]?.id,
    kind: "wages",
  });
}

interface RowProps {
  handle: DraftHandle;
  index: number;
  ids: string[];
  named: (id: string) => string;
}

/** Puts an amount with its period in place of what was there. */
function putAmount<T extends object>(row: T, typed: TypedAmount): T {
  const { amount: _a, hourlyRate: _r, hoursPerWeek: _h, ...rest } = row as Record<string, unknown>;
  const kept = typed.hourlyRate === undefined ? rest : { ...rest, frequency: undefined };
  return JSON.parse(JSON.stringify({ ...kept, ...typed }));
}

function IncomeRow({ handle, income, index, ids, named }: RowProps & { income: Income }) {
  const { t } = useTranslation();
  const at = `/household/incomes/${index}`;
  const shown =
    income.hourlyRate !== undefined
      ? `${money(income.hourlyRate)} h ${income.hoursPerWeek ?? ""}`
      : income.amount === undefined
        ? ""
        : money(income.amount);
  const monthly = handle.margin?.monthly[income.id];
  return (
    <div className={`grid-row ${INCOME_COLUMNS}`}>
      <Choice
        handle={handle}
        pointer={`${at}/person`}
        label={`${t("app.whose")} ${index + 1}`}
        options={ids}
        words={named}
      />
      <Choice
        handle={handle}
        pointer={`${at}/kind`}
        label={`${t("app.source")} ${index + 1}`}
        options={KINDS}
      />
      <Field
        handle={handle}
        pointer={`${at}/amount`}
        label={`${t("app.amount")} ${index + 1}`}
        shown={shown}
        read={(text) => (text === shown ? {} : readAmount(text))}
        put={(value) => {
          if (Object.keys(value as object).length > 0)
            handle.set(at, putAmount(income, value as TypedAmount));
        }}
        expected="430 w, 1800 m, 12,50 h 38"
        placeholder="430 w"
        right
      />
      {income.hourlyRate === undefined ? (
        <Choice
          handle={handle}
          pointer={`${at}/frequency`}
          label={`${t("app.frequency")} ${index + 1}`}
          options={FREQUENCIES}
        />
      ) : (
        <span className="px-2 soft">{spoken("weekly")}</span>
      )}
      <Field
        handle={handle}
        pointer={`${at}/employer`}
        label={`${t("app.employer")} ${index + 1}`}
        shown={income.employer ?? ""}
        read={(text) => text}
      />
      <span className="case text-right">{monthly === undefined ? "" : money(monthly)}</span>
      <Remove handle={handle} list="incomes" index={index} />
    </div>
  );
}

function ExpenseRow({ handle, expense, index, ids, named }: RowProps & { expense: Expense }) {
  const { t } = useTranslation();
  const at = `/household/expenses/${index}`;
  const shown = expense.amount === undefined ? "" : money(expense.amount);
  return (
    <div className={`grid-row ${EXPENSE_COLUMNS}`}>
      <Choice
        handle={handle}
        pointer={`${at}/kind`}
        label={`${t("app.kind")} ${index + 1}`}
        options={EXPENSES}
      />
      <Field
        handle={handle}
        pointer={`${at}/amount`}
        label={`${t("app.expenses")} ${index + 1}`}
        shown={shown}
        read={(text) => (text === shown ? {} : readAmount(text))}
        put={(value) => {
          if (Object.keys(value as object).length > 0)
            handle.set(at, putAmount(expense, value as TypedAmount));
        }}
        expected="640 m"
        placeholder="640 m"
        right
      />
      <Choice
        handle={handle}
        pointer={`${at}/frequency`}
        label={`${t("app.frequency")} ${index + 1}`}
        options={FREQUENCIES}
      />
      <Choice
        handle={handle}
        pointer={`${at}/person`}
        label={`${t("app.whose")} ${index + 1}`}
        options={ids}
        words={named}
      />
      <Remove handle={handle} list="expenses" index={index} />
    </div>
  );
}

function Remove({
  handle,
  list,
  index,
}: {
  handle: DraftHandle;
  list: "incomes" | "expenses" | "assets";
  index: number;
}) {
  const { t } = useTranslation();
  return (
    <button
      type="button"
      tabIndex={-1}
      className="cursor-pointer soft"
      aria-label={t("app.remove", { what: String(index + 1) })}
      onClick={() =>
        handle.set(
          `/household/${list}`,
          (handle.draft.packet.household[list] as unknown[]).filter((_, i) => i !== index),
        )
      }
    >
      ×
    </button>
  );
}

/** The statements of those who have no income; nobody is taken to have none by silence. */
function NoIncome({ handle, named }: { handle: DraftHandle; named: (id: string) => string }) {
  const { t } = useTranslation();
  const household = handle.draft.packet.household;
  const without = household.people.filter(
    (person) => !household.incomes.some((one) => one.person === person.id),
  );
  if (without.length === 0) return null;
  return (
    <ul className="mt-3">
      {without.map((person) => {
        const index = household.noIncome.findIndex((one) => one.person === person.id);
        return (
          <li key={person.id} className="flex items-center gap-3 min-h-9">
            <label
              className="flex items-center gap-2"
              title={t("app.noIncomeNote", { name: named(person.id) })}
            >
              <input
                type="checkbox"
                className="checkbox checkbox-sm"
                checked={index >= 0}
                onChange={(event) =>
                  handle.set(
                    "/household/noIncome",
                    event.target.checked
                      ? [...household.noIncome, { person: person.id }]
                      : household.noIncome.filter((one) => one.person !== person.id),
                  )
                }
              />
              <span>
                <span className="case">{named(person.id)}</span>: {t("app.noIncome").toLowerCase()}
              </span>
            </label>
            {index >= 0 && (
              <label className="flex items-center gap-2">
                {t("app.livesOn")}
                <Field
                  handle={handle}
                  pointer={`/household/noIncome/${index}/livesOn`}
                  label={`${named(person.id)} ${t("app.livesOn")}`}
                  shown={household.noIncome[index]?.livesOn ?? ""}
                  read={(text) => text}
                  className="input-sm w-64"
                />
              </label>
            )}
          </li>
        );
      })}
    </ul>
  );
}
