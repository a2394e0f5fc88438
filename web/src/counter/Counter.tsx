import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "@tanstack/react-router";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done, type Schemas } from "../api/client";
import { Bar } from "../parts/Bar";
import { KeyStrip } from "../parts/Keys";
import { Arriving } from "./Arriving";
import { Awaited } from "./Awaited";
import { ToldThere } from "./ToldThere";
import { Waits } from "./Waits";

const COUNTER = ["counter"];

/** The counter: who waits and who is there, somebody who arrives, and where claims stand, to be read out. */
export function Counter() {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const here = useQuery({
    queryKey: COUNTER,
    queryFn: () => done(api.GET("/api/counter")),
    refetchInterval: 15_000,
  });
  const [told, setTold] = useState<Schemas["Arrival"]>();
  const fresh = (now: Schemas["Arrival"][]) => queries.setQueryData(COUNTER, now);
  const next = here.data?.find((one) => !one.calledBy);
  return (
    <div className="screen h-screen flex flex-col">
      <Bar />
      <main className="panes flex-1 min-h-0 grid grid-cols-[minmax(0,1fr)_26rem] grid-rows-[minmax(0,1fr)]">
        <section className="overflow-y-auto px-6 py-4" aria-label={t("counter.here")}>
          <h1 className="case text-[1.7rem] mb-3">{t("counter.title")}</h1>
          {here.isError && (
            <p role="alert" className="wrong">
              {here.error.message}
            </p>
          )}
          {here.data?.length === 0 && <p className="soft">{t("counter.nobody")}</p>}
          <ul>
            {here.data?.map((one) => (
              <Waits
                key={one.id}
                arrival={one}
                isNext={one.id === next?.id}
                onTell={() => setTold(one)}
                onChanged={fresh}
              />
            ))}
          </ul>
          <Awaited />
        </section>
        <aside className="overflow-y-auto bg-base-200 border-l border-base-300 p-4">
          <Arriving onArrived={fresh} />
          <ToldThere key={told?.id ?? ""} arrival={told} />
        </aside>
      </main>
      <KeyStrip
        keys={[
          {
            key: "Alt+N",
            says: t("counter.keyArrives"),
            act: () => document.getElementById("arrives")?.focus(),
          },
          {
            key: "Alt+X",
            says: t("counter.keyNext"),
            act: () => document.getElementById("call-next")?.click(),
          },
          {
            key: "Alt+F",
            says: t("counter.keyFind"),
            act: () => document.getElementById("whose-claims")?.focus(),
          },
          { key: "Alt+D", says: t("keys.desk"), act: () => navigate({ to: "/" }) },
        ]}
      />
    </div>
  );
}
