import { useQuery } from "@tanstack/react-query";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";
import { Choice } from "../draft/Choice";
import { at } from "../draft/packet";
import { asked, spoken, standsFor, vocabulary } from "../i18n/words";
import { fullDay, money } from "../parts/format";
import type { QuestionProps } from "./matter";
import { Rows } from "./Rows";

interface Debt {
  ref?: string;
  kind?: string;
  amount?: number;
  said?: string;
}

/** What the household owes by the office's own books, to be ticked; else typed row by row. */
export function Debts(props: QuestionProps) {
  const { handle, pointer, matter } = props;
  const { t } = useTranslation();
  const said = (at(handle.draft.packet, pointer) as Debt[] | undefined) ?? [];
  const booked = useQuery({
    queryKey: ["debts", matter.id],
    queryFn: () => done(api.GET("/api/applications/{id}/debts", { params: { path: { id: matter.id } } })),
    enabled: matter.id !== "",
  });
  if (!booked.data?.length) return <Rows {...props} />;
  return (
    <fieldset>
      <legend className="soft small">{t("debts.booked")}</legend>
      {booked.data.map((debt) => {
        const index = said.findIndex((one) => one.ref === debt.ref);
        return (
          <div key={debt.ref} className="mb-1">
            <label className="stacks grid grid-cols-[1.5rem_8rem_1fr_8rem] items-center min-h-8 max-w-2xl">
              <input
                type="checkbox"
                className="checkbox checkbox-sm"
                checked={index >= 0}
                onChange={(event) =>
                  handle.set(
                    pointer,
                    event.target.checked
                      ? [...said, { ref: debt.ref }]
                      : said.filter((one) => one.ref !== debt.ref),
                  )
                }
              />
              <span className="case">{debt.ref}</span>
              <span className="soft">
                {spoken(debt.kind)}, {fullDay(debt.since)}
              </span>
              <span className="case text-right">{money(debt.amount)}</span>
            </label>
            {index >= 0 && (
              <div className="pl-6">
                <Choice
                  handle={handle}
                  pointer={`${pointer}/${index}/said`}
                  label={`${asked(matter.service, "debts.said")} ${debt.ref}`}
                  of="debtWord"
                  options={vocabulary("debtWord")}
                  empty={standsFor(matter.service, "debts.said")}
                  className="w-64"
                />
              </div>
            )}
          </div>
        );
      })}
    </fieldset>
  );
}
