import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "@tanstack/react-router";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done, type Schemas } from "../api/client";
import { Bar } from "../parts/Bar";
import { KeyStrip } from "../parts/Keys";
import { AlikeOnes } from "./AlikeOnes";

const ALIKE = ["alike"];

/** One's claims that can be decided, those of one service that come out alike together. */
export function Together() {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const alike = useQuery({ queryKey: ALIKE, queryFn: () => done(api.GET("/api/alike")) });
  const [said, setSaid] = useState("");
  const [refused, setRefused] = useState<Schemas["Became"][]>([]);
  const decided = async (outcomes: Schemas["Became"][]) => {
    const left = outcomes.filter((one) => one.refusal);
    setRefused(left);
    setSaid(t("alike.decided", { count: outcomes.length - left.length }));
    await queries.invalidateQueries({ queryKey: ALIKE });
  };
  return (
    <div className="screen h-screen flex flex-col">
      <Bar />
      <main className="flex-1 min-h-0 overflow-y-auto px-6 py-4">
        <h1 className="case text-[1.7rem] mb-1">{t("alike.title")}</h1>
        <p className="soft mb-3">{t("alike.says")}</p>
        {alike.isPending && <p className="soft">{t("claim.loading")}</p>}
        {alike.isError && (
          <p role="alert" className="wrong">
            {alike.error.message}
          </p>
        )}
        <p role="status" className={said ? "mb-2 font-semibold" : ""}>
          {said}
        </p>
        {refused.map((one) => (
          <p key={one.number} role="alert" className="wrong">
            {one.number}: {one.refusal}
          </p>
        ))}
        {alike.data?.length === 0 && <p className="soft">{t("alike.nothing")}</p>}
        {alike.data?.map((group) => (
          <AlikeOnes key={group.service + group.outcome} group={group} onDecided={decided} />
        ))}
      </main>
      <KeyStrip keys={[{ key: "Alt+D", says: t("keys.desk"), act: () => navigate({ to: "/" }) }]} />
    </div>
  );
}
