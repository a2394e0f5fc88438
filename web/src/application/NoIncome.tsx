import { useTranslation } from "react-i18next";
import { Field } from "../draft/Field";
import { RowMark } from "../draft/FieldMark";
import type { DraftHandle } from "../draft/useDraft";
import { fact } from "../i18n/words";

interface Props {
  handle: DraftHandle;
  named: (id: string) => string;
}

/** The statements of those who have no income; nobody is taken to have none by silence. */
export function NoIncome({ handle, named }: Props) {
  const { t } = useTranslation();
  const household = handle.draft.packet.household;
  const without = household.people.filter(
    (person) =>
      !household.incomes.some((one) => one.person === person.id) && handle.margin?.adults.includes(person.id),
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
                <span className="case">{named(person.id)}</span>: {fact("noIncome").toLowerCase()}
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
            {index >= 0 && <RowMark handle={handle} pointer={`/household/noIncome/${index}`} />}
          </li>
        );
      })}
    </ul>
  );
}
