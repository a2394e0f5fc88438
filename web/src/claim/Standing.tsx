import { useTranslation } from "react-i18next";
import type { ClaimView } from "../api/client";
import { shortDay } from "../parts/format";
import { TurnMark } from "../parts/TurnMark";

/** Where a claim stands, for who answers at the counter: whose turn it is, and what is wanted of whom by when. */
export function Standing({ claim }: { claim: ClaimView }) {
  const { t } = useTranslation();
  return (
    <section className="px-6 py-4 max-w-4xl">
      <p className="case text-xl mb-4">
        {claim.next
          ? t("standing.next", { what: claim.next.words, day: shortDay(claim.next.on) })
          : t("standing.nothing")}
      </p>
      <h2 className="head">{t("claim.items")}</h2>
      {claim.items.length === 0 && <p className="soft">{t("standing.nothingWanted")}</p>}
      <ul>
        {claim.items.map((item) => (
          <li key={item.id} className="border-b border-base-300 py-1.5">
            <TurnMark turn={item.owner} /> {item.words}{" "}
            {item.dueOn && <span className="soft">{t("claim.by", { day: shortDay(item.dueOn) })}</span>}
          </li>
        ))}
      </ul>
    </section>
  );
}
