import { useQuery } from "@tanstack/react-query";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";
import { shortDay } from "../parts/format";

/** The forms that others have to fill in for a claim: since when they are out, and from when on they are asked again. */
export function SentOut({ claim }: { claim: string }) {
  const { t } = useTranslation();
  const out = useQuery({
    queryKey: ["claim", claim, "formsOut"],
    queryFn: () => done(api.GET("/api/claims/{number}/forms-out", { params: { path: { number: claim } } })),
  });
  if (!out.data?.length) return null;
  return (
    <>
      <h2 className="head">{t("formsOut.title")}</h2>
      <ul className="mb-4">
        {out.data.map((one) => (
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
    </>
  );
}
