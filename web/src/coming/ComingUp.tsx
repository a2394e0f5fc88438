import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "@tanstack/react-router";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done, type Schemas } from "../api/client";
import { Bar } from "../parts/Bar";
import { monthInFull } from "../parts/format";
import { KeyStrip } from "../parts/Keys";
import { ClosedDays } from "./ClosedDays";
import { ComingRow } from "./ComingRow";

/** Days ahead that want somebody to look: what ends and is to be asked for again, birthdays that change what counts. */
export function ComingUp() {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const coming = useQuery({ queryKey: ["coming-up"], queryFn: () => done(api.GET("/api/coming-up")) });
  const [said, setSaid] = useState("");
  const days = coming.data ?? [];
  const months = [...new Set(days.map((one) => one.on.slice(0, 7)))];
  const fresh = (left: Schemas["ComingDay"][], words: string) => {
    queries.setQueryData(["coming-up"], left);
    setSaid(words);
  };
  return (
    <div className="screen h-screen flex flex-col">
      <Bar />
      <main className="flex-1 min-h-0 overflow-y-auto px-6 py-4">
        <h1 className="case text-[1.7rem] mb-3">{t("coming.title")}</h1>
        {coming.isPending && <p className="soft">{t("claim.loading")}</p>}
        {coming.isError && (
          <p role="alert" className="wrong">
            {coming.error.message}
          </p>
        )}
        <p role="status" className={said ? "mb-3" : ""}>
          {said}
        </p>
        {coming.data && days.length === 0 && <p className="soft">{t("coming.nothing")}</p>}
        {months.map((month) => (
          <section key={month} className="mb-6 max-w-[75rem]" aria-label={monthInFull(month)}>
            <h2 className="head">{monthInFull(month)}</h2>
            <ul>
              {days
                .filter((one) => one.on.startsWith(month))
                .map((one) => (
                  <ComingRow key={one.what} day={one} onSeenTo={fresh} />
                ))}
            </ul>
          </section>
        ))}
        <ClosedDays onSaid={setSaid} />
      </main>
      <KeyStrip keys={[{ key: "Alt+D", says: t("keys.desk"), act: () => navigate({ to: "/" }) }]} />
    </div>
  );
}
