import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useTranslation } from "react-i18next";
import { api, type ClaimView, done } from "../api/client";
import { AskedRegisters } from "./AskedRegisters";
import { Compared } from "./Compared";

const SOON = 1_000;
const LATER = 5_000;

interface Props {
  claim: ClaimView;
  onChanged: () => void;
}

/** What was said beside what registers answered: what differs first, then what is still to be answered, then the rest. */
export function SideBySide({ claim, onChanged }: Props) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const key = ["claim", claim.number, "comparisons"];
  const checking = useQuery({
    queryKey: key,
    queryFn: () =>
      done(api.GET("/api/claims/{number}/comparisons", { params: { path: { number: claim.number } } })),
    // A question that has just been asked is answered within seconds; one that was not, later and later.
    refetchInterval: (query) => {
      const open = query.state.data?.registers.filter((one) => !one.answeredAt) ?? [];
      return open.length === 0 ? false : open.some((one) => !one.triedAt) ? SOON : LATER;
    },
  });
  const rows = checking.data?.comparisons ?? [];
  if (!checking.data || rows.length + checking.data.registers.length + checking.data.mayAllow.length === 0)
    return null;
  const differ = rows.filter((row) => row.why);
  const same = rows.filter((row) => !row.why && row.verdict !== "notAnswered");
  const changed = () => {
    queries.invalidateQueries({ queryKey: key });
    onChanged();
  };
  return (
    <>
      {differ.length > 0 && (
        <section className="mb-5" aria-label={t("compare.title")}>
          <h2 className="head">{t("compare.title")}</h2>
          {differ.map((row) => (
            <Compared key={row.key} row={row} claim={claim} onChanged={changed} />
          ))}
        </section>
      )}
      <section className="mb-5" aria-label={t("compare.registers")}>
        <h2 className="head">{t("compare.registers")}</h2>
        {same.length > 0 && (
          <ul className="grid grid-cols-2 gap-x-8 stacks mb-2">
            {same.map((row) => (
              <li key={row.key} className="py-1 border-b border-base-300">
                <span className="soft small">
                  {row.what}, <span className="case">{row.whose}</span>
                </span>{" "}
                <span className="case">{row.said}</span>{" "}
                <span className="soft small">
                  {row.verdict === "near"
                    ? t("compare.near", { found: row.found, source: row.source })
                    : t("compare.same", { source: row.source || t("compare.signed") })}
                </span>
              </li>
            ))}
          </ul>
        )}
        {checking.data && <AskedRegisters claim={claim} checking={checking.data} onChanged={changed} />}
      </section>
    </>
  );
}
