import { useTranslation } from "react-i18next";
import { money, shortDay } from "../parts/format";
import type { QuestionProps } from "./matter";
import { aids } from "./matter";
import { QuestionField } from "./QuestionField";

/** The first day, and the plan that follows from it: what is due on which day. */
export function Instalments(props: QuestionProps) {
  const { t } = useTranslation();
  const plan = aids<"PaymentArrangementAids">(props.handle, props.matter)?.plan;
  return (
    <div>
      <QuestionField {...props} />
      {plan && (
        <ol className="mt-2 flex flex-wrap gap-x-6 gap-y-0.5 max-w-3xl" aria-label={t("plan.title")}>
          {Object.entries(plan).map(([due, part]) => (
            <li key={due} className="flex gap-3 w-52 justify-between border-b border-base-300">
              <span>{shortDay(due)}</span>
              <span className="case">{money(part)}</span>
            </li>
          ))}
        </ol>
      )}
    </div>
  );
}
