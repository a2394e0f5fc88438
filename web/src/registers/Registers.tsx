import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "@tanstack/react-router";
import { useTranslation } from "react-i18next";
import { api, done, type Schemas } from "../api/client";
import { Bar } from "../parts/Bar";
import { clockTime, fullDay } from "../parts/format";
import { KeyStrip } from "../parts/Keys";
import { useTrying } from "../parts/useTrying";
import { BroughtMessages } from "./BroughtMessages";

const BEHAVIOURS = ["right", "slow", "wrong", "down"];
const LOOK_AGAIN = 5_000;

/** How the registers of others answer, and what still waits for them. */
export function Registers() {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const registers = useQuery({
    queryKey: ["registers"],
    queryFn: () => done(api.GET("/api/registers")),
    refetchInterval: LOOK_AGAIN,
  });
  const demo = registers.data?.some((one) => one.behaviour);
  return (
    <div className="screen h-screen flex flex-col">
      <Bar />
      <main className="flex-1 min-h-0 overflow-y-auto px-6 py-5">
        <h1 className="case text-[1.5rem] mb-1">{t("registerStates.title")}</h1>
        <p className="soft mb-4 max-w-[46rem]">{t("registerStates.intro")}</p>
        {registers.isError && (
          <p role="alert" className="wrong">
            {registers.error.message}
          </p>
        )}
        {registers.data && (
          <div className="overflow-x-auto">
            <table className="w-full max-w-[72rem] text-left">
              <thead className="soft small">
                <tr>
                  <th scope="col" className="font-normal pr-6 py-1">
                    {t("registerStates.register")}
                  </th>
                  <th scope="col" className="font-normal pr-6 py-1">
                    {t("registerStates.state")}
                  </th>
                  <th scope="col" className="font-normal text-right pr-6 py-1">
                    {t("registerStates.waiting")}
                  </th>
                  <th scope="col" className="font-normal text-right pr-6 py-1">
                    {t("registerStates.answered")}
                  </th>
                  <th scope="col" className="font-normal pr-6 py-1">
                    {t("registerStates.last")}
                  </th>
                  {demo && (
                    <th scope="col" className="font-normal py-1">
                      {t("registerStates.behaviour")}
                    </th>
                  )}
                </tr>
              </thead>
              <tbody>
                {registers.data.map((one) => (
                  <Row key={one.name} register={one} />
                ))}
              </tbody>
            </table>
          </div>
        )}
        {demo && <BroughtMessages />}
      </main>
      <KeyStrip keys={[{ key: "Alt+D", says: t("keys.desk"), act: () => navigate({ to: "/" }) }]} />
    </div>
  );
}

function Row({ register }: { register: Schemas["RegisterState"] }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const [attempt, refusal] = useTrying();
  const set = (behaviour: string) =>
    attempt(async () => {
      const now = await done(
        api.PUT("/api/registers/{name}", { params: { path: { name: register.name } }, body: { behaviour } }),
      );
      queries.setQueryData(["registers"], now);
    });
  const state = register.leftAlone ? "leftAlone" : register.waiting > 0 ? "waits" : "answers";
  return (
    <tr className="border-t border-base-300">
      <th scope="row" className="font-normal pr-6 py-2">
        {register.words}
      </th>
      <td className={`pr-6 ${state === "answers" ? "soft" : "wrong"}`}>{t(`registerStates.${state}`)}</td>
      <td className="case text-right pr-6">{register.waiting}</td>
      <td className="case text-right pr-6">{register.answered}</td>
      <td className="pr-6">
        {register.lastAnswerAt
          ? `${fullDay(register.lastAnswerAt)}, ${clockTime(register.lastAnswerAt)}`
          : t("registerStates.never")}
      </td>
      {register.behaviour && (
        <td>
          <select
            className="select select-sm w-44"
            aria-label={t("registerStates.behaviourOf", { register: register.words })}
            value={register.behaviour}
            onChange={(event) => set(event.target.value)}
          >
            {BEHAVIOURS.map((one) => (
              <option key={one} value={one}>
                {t(`registerStates.${one}`)}
              </option>
            ))}
          </select>
          <p role="alert" className="wrong small">
            {refusal}
          </p>
        </td>
      )}
    </tr>
  );
}
