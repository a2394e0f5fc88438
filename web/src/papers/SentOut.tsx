import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";
import { shortDay } from "../parts/format";
import { OtherForm, type OtherFormAsked } from "../parts/OtherForm";

/** The forms that others fill in for a claim: since when they are out, when they are asked again, and one more. */
export function SentOut({ claim }: { claim: string }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const out = useQuery({
    queryKey: ["claim", claim, "formsOut"],
    queryFn: () => done(api.GET("/api/claims/{number}/forms-out", { params: { path: { number: claim } } })),
  });
  const make = async (asked: OtherFormAsked) => {
    await done(
      api.POST("/api/claims/{number}/forms-out", { params: { path: { number: claim } }, body: asked }),
    );
    await queries.invalidateQueries({ queryKey: ["claim", claim] });
  };
  if (!out.data || (out.data.out.length === 0 && out.data.possible.length === 0)) return null;
  return (
    <>
      <h2 className="head">{t("formsOut.title")}</h2>
      <ul className="mb-4">
        {out.data.out.map((one) => (
          <li key={one.id} className="border-b border-base-300 py-1.5 pl-2">
            <a className="plain-link" href={`/api/forms-out/${one.id}`} target="_blank" rel="noreferrer">
              {one.title}
            </a>
            , <span className="case">{one.asked}</span>
            <span className="soft small block">
              {one.returnedAt
                ? t("formsOut.back", { day: shortDay(one.returnedAt) })
                : t("formsOut.askAgain", { since: shortDay(one.madeAt), day: shortDay(one.askAgainOn) })}
            </span>
          </li>
        ))}
      </ul>
      {out.data.possible.length > 0 && (
        <details className="mb-4">
          <summary className="plain-link cursor-pointer">{t("formsOut.ask")}</summary>
          <OtherForm kinds={out.data.possible} nobody={t("formsOut.nobodyAllowsYet")} onMake={make} />
        </details>
      )}
    </>
  );
}
