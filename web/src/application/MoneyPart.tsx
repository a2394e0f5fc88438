import { useTranslation } from "react-i18next";
import { Choice } from "../draft/Choice";
import { Field } from "../draft/Field";
import { RowMark } from "../draft/FieldMark";
import { freshId } from "../draft/packet";
import { readNumber } from "../draft/typing";
import type { DraftHandle } from "../draft/useDraft";
import { fact, vocabulary } from "../i18n/words";
import { namesOf } from "../parts/called";
import { money } from "../parts/format";
import { Key } from "../parts/Keys";
import { ExpenseRow, INCOME_COLUMNS, IncomeRow, Remove } from "./MoneyRows";
import { NoIncome } from "./NoIncome";
import { None } from "./None";

const ASSETS = vocabulary("assetKind");

/** Money in, money out and what is owned: one row a source. */
export function MoneyPart({ handle, onAdd }: { handle: DraftHandle; onAdd: () => void }) {
  const { t } = useTranslation();
  const household = handle.draft.packet.household;
  const expenses = household.expenses ?? [];
  const assets = household.assets ?? [];
  const names = namesOf(household.people);
  const ids = [...names.keys()];
  const named = (id: string) => names.get(id) ?? id;
  return (
    <section className="flex flex-col gap-6">
      <div>
        <h2 className="head">{fact("incomes")}</h2>
        <div className={`grid-row grid-head ${INCOME_COLUMNS}`}>
          <span>{fact("incomes.person")}</span>
          <span>{fact("incomes.kind")}</span>
          <span className="text-right pr-2">{fact("incomes.amount")}</span>
          <span>{fact("incomes.frequency")}</span>
          <span>{fact("incomes.employer")}</span>
          <span className="text-right">{t("app.monthly")}</span>
          <span />
        </div>
        {household.incomes.map((income, i) => (
          <IncomeRow key={income.id} handle={handle} income={income} index={i} ids={ids} named={named} />
        ))}
        <div className="flex gap-4 mt-3 flex-wrap items-center">
          <button type="button" data-flow className="btn btn-sm" onClick={onAdd}>
            {t("app.addIncome")} <Key of="Alt+M" />
          </button>
        </div>
        <NoIncome handle={handle} named={named} />
      </div>
      <div className="flex flex-col gap-6 max-w-2xl">
        <div>
          <h2 className="head">{fact("expenses")}</h2>
          {expenses.map((expense, i) => (
            <ExpenseRow key={i} handle={handle} expense={expense} index={i} ids={ids} named={named} />
          ))}
          <div className="flex flex-wrap items-center gap-4 mt-3">
            <button
              type="button"
              data-flow
              className="btn btn-sm"
              onClick={() =>
                handle.set(`/household/expenses/${expenses.length}`, {
                  kind: "rent",
                  frequency: "monthly",
                })
              }
            >
              {t("app.addExpense")}
            </button>
            {expenses.length === 0 && <None handle={handle} list="expenses" words={t("app.noExpenses")} />}
          </div>
        </div>
        <div>
          <h2 className="head">{fact("assets")}</h2>
          {assets.map((asset, i) => (
            <div key={i}>
              <div className="grid-row grid-cols-[9.5rem_8rem_8.5rem_1fr_1.6rem]">
                <Choice
                  handle={handle}
                  pointer={`/household/assets/${i}/kind`}
                  label={`${fact("assets.kind")} ${i + 1}`}
                  of="assetKind"
                  options={ASSETS}
                />
                <Field
                  handle={handle}
                  pointer={`/household/assets/${i}/value`}
                  label={`${fact("assets.value")} ${i + 1}`}
                  shown={asset.value === undefined ? "" : money(asset.value)}
                  read={readNumber}
                  expected="1,200.50"
                  right
                />
                <Choice
                  handle={handle}
                  pointer={`/household/assets/${i}/person`}
                  label={`${fact("incomes.person")} ${i + 1}`}
                  options={ids}
                  words={named}
                />
                <span />
                <Remove handle={handle} list="assets" index={i} />
              </div>
              <RowMark handle={handle} pointer={`/household/assets/${i}`} />
            </div>
          ))}
          <div className="flex flex-wrap items-center gap-4 mt-3">
            <button
              type="button"
              data-flow
              className="btn btn-sm"
              onClick={() =>
                handle.set(`/household/assets/${assets.length}`, { kind: "current", person: ids[0] })
              }
            >
              {t("app.addAsset")}
            </button>
            {assets.length === 0 && <None handle={handle} list="assets" words={t("app.noAssets")} />}
          </div>
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
