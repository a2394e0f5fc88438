import { useQuery } from "@tanstack/react-query";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";
import { at } from "../draft/packet";
import { spoken } from "../i18n/words";
import { fullDay, money } from "../parts/format";
import type { QuestionProps } from "./matter";
import { Rows } from "./Rows";

interface Debt {
  ref?: string;
  kind?: string;
  amount?: number;
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
      {booked.data.map((debt) => (
        <label
          key={debt.ref}
          className="stacks stacks grid grid-cols-[1.5rem_8rem_1fr_8rem] items-center min-h-8 max-w-2xl"
        >
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            checked={said.some((one) => one.ref === debt.ref)}
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
      ))}
    </fieldset>
  );
}
