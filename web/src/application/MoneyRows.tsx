import { useTranslation } from "react-i18next";
import { Choice } from "../draft/Choice";
import { withoutEntry } from "../draft/entries";
import { Field } from "../draft/Field";
import { RowMark } from "../draft/FieldMark";
import { NameOutside } from "../draft/NameOutside";
import type { Expense, Income } from "../draft/packet";
import { readAmount, type TypedAmount } from "../draft/typing";
import type { DraftHandle } from "../draft/useDraft";
import { fact, mustShow, spoken, vocabulary } from "../i18n/words";
import { money } from "../parts/format";

const KINDS = vocabulary("incomeKind");

const FREQUENCIES = vocabulary("frequency");

const EXPENSES = vocabulary("expenseKind");

export const INCOME_COLUMNS = "grid-cols-[6.5rem_8.5rem_6.5rem_7.5rem_1fr_6rem_1.4rem]";
const EXPENSE_COLUMNS = "grid-cols-[9.5rem_8rem_8.5rem_1fr_1.6rem]";

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

interface CellProps {
  handle: DraftHandle;
  /** The row the cell is of. */
  at: string;
  index: number;
}

function Whose({ handle, at, index, ids, named }: CellProps & Pick<RowProps, "ids" | "named">) {
  return (
    <Choice
      handle={handle}
      pointer={`${at}/person`}
      label={`${fact("incomes.person")} ${index + 1}`}
      options={ids}
      words={named}
    />
  );
}

function HowOften({ handle, at, index }: CellProps) {
  return (
    <Choice
      handle={handle}
      pointer={`${at}/frequency`}
      label={`${fact("incomes.frequency")} ${index + 1}`}
      of="frequency"
      options={FREQUENCIES}
    />
  );
}

/** An amount, with which its period may be typed; both are put into the row. */
function AmountField(props: {
  handle: DraftHandle;
  at: string;
  row: object;
  label: string;
  shown: string;
  expected: string;
  placeholder: string;
}) {
  const { handle, at, row, shown, ...words } = props;
  return (
    <Field
      handle={handle}
      pointer={`${at}/amount`}
      shown={shown}
      read={(text) => (text === shown ? {} : readAmount(text))}
      put={(value) => {
        if (Object.keys(value as object).length > 0) handle.set(at, putAmount(row, value as TypedAmount));
      }}
      right
      {...words}
    />
  );
}

/** An income: whose, what kind, how much, how often, and what that is a month. */
export function IncomeRow({ handle, income, index, ids, named }: RowProps & { income: Income }) {
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
    <>
      <div className={`grid-row ${INCOME_COLUMNS}`}>
        <Whose handle={handle} at={at} index={index} ids={ids} named={named} />
        <Choice
          handle={handle}
          pointer={`${at}/kind`}
          label={`${fact("incomes.kind")} ${index + 1}`}
          of="incomeKind"
          options={KINDS}
        />
        <AmountField
          handle={handle}
          at={at}
          row={income}
          label={`${fact("incomes.amount")} ${index + 1}`}
          shown={shown}
          expected="430 w, 1800 m, 12,50 h 38"
          placeholder="430 w"
        />
        {income.hourlyRate === undefined ? (
          <HowOften handle={handle} at={at} index={index} />
        ) : (
          <span className="px-2 soft">{spoken("weekly")}</span>
        )}
        <NameOutside
          handle={handle}
          pointer={`${at}/employer`}
          label={`${fact("incomes.employer")} ${index + 1}`}
          kind="employer"
          className="w-full"
        />
        <span className="case text-right">{monthly === undefined ? "" : money(monthly)}</span>
        <Remove handle={handle} list="incomes" index={index} />
      </div>
      <RowMark handle={handle} pointer={at} />
      {income.registerMonthly !== undefined && (
        <p className="small soft pl-1.5 pb-1">
          {t("app.registerSays", { amount: money(Number(income.registerMonthly)) })}
        </p>
      )}
      {papersOf(handle, income.id).map((kind) => (
        <p key={kind} className="small soft pl-1.5 py-1">
          {t("app.paperFor", { paper: spoken(kind) })} <span>{mustShow(kind)}</span>
        </p>
      ))}
    </>
  );
}

/** The papers that an income will want. */
function papersOf(handle: DraftHandle, income: string): string[] {
  return (handle.margin?.wants ?? []).filter((want) => want.of === income).map((want) => want.kind);
}

/** An expense that recurs. */
export function ExpenseRow({ handle, expense, index, ids, named }: RowProps & { expense: Expense }) {
  const at = `/household/expenses/${index}`;
  return (
    <>
      <div className={`grid-row ${EXPENSE_COLUMNS}`}>
        <Choice
          handle={handle}
          pointer={`${at}/kind`}
          label={`${fact("expenses.kind")} ${index + 1}`}
          of="expenseKind"
          options={EXPENSES}
        />
        <AmountField
          handle={handle}
          at={at}
          row={expense}
          label={`${fact("expenses")} ${index + 1}`}
          shown={expense.amount === undefined ? "" : money(expense.amount)}
          expected="640 m"
          placeholder="640 m"
        />
        <HowOften handle={handle} at={at} index={index} />
        <Whose handle={handle} at={at} index={index} ids={ids} named={named} />
        <Remove handle={handle} list="expenses" index={index} />
      </div>
      <RowMark handle={handle} pointer={at} />
    </>
  );
}

/** Takes a row away. */
export function Remove({
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
      onClick={() => handle.change((draft) => withoutEntry(draft, `/household/${list}`, index))}
    >
      ×
    </button>
  );
}
