import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { at } from "../draft/packet";
import { money, quarterWords } from "../parts/format";
import type { QuestionProps } from "./matter";
import { aids } from "./matter";
import { Rows } from "./Rows";

/** What was earned by quarter, with the base period it is for, and the weeks of leave that are left. */
export function LeaveEmployers(props: QuestionProps) {
  const { t } = useTranslation();
  const { basePeriod: base, leave } = aids<"PaidLeaveAids">(props.handle, props.matter) ?? {};
  return (
    <div>
      {base && at(props.handle.draft.packet, props.pointer) !== undefined && (
        <p className="mb-2 flex flex-wrap gap-x-4 items-baseline">
          <span className="soft">{t("leave.base")}</span>
          {Object.entries(base).map(([quarter, earned]) => (
            <span key={quarter} className="whitespace-nowrap">
              <span className="soft small">{quarterWords(quarter)}</span>{" "}
              <span className="case">{money(earned)}</span>
            </span>
          ))}
        </p>
      )}
      <Rows {...props} />
      {leave && <Balance {...leave} />}
    </div>
  );
}

/** Weeks of leave as a strip: used solid, asked for elsewhere hollow, left thin. */
function Balance({ weeks, used, pending, left }: Schemas["LeaveBalance"]) {
  const { t } = useTranslation();
  const width = 320;
  const x = (some: number) => (some / Math.max(weeks, used + pending, 1)) * width;
  return (
    <figure className="mt-3">
      <svg width={width} height="14" aria-hidden="true" className="block">
        <line x1="0" x2={width} y1="7" y2="7" stroke="var(--color-base-300)" strokeWidth="2" />
        <rect x="0" y="3" width={x(used)} height="8" fill="currentColor" />
        <rect
          x={x(used)}
          y="3.75"
          width={Math.max(0, x(pending) - 1)}
          height="6.5"
          fill="none"
          stroke="currentColor"
          strokeWidth="1.5"
        />
      </svg>
      <figcaption className="small">{t("leave.balance", { weeks, used, pending, left })}</figcaption>
    </figure>
  );
}
