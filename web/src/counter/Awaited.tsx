import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";
import { useSession } from "../api/session";
import { clockTime } from "../parts/format";
import { useTrying } from "../parts/useTrying";

/** Who is awaited today, by whom, and checks in. */
export function Awaited() {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const today = useSession()?.today ?? "";
  const [attempt, refusal] = useTrying();
  const appointments = useQuery({
    queryKey: ["appointments", today],
    queryFn: () => done(api.GET("/api/appointments", { params: { query: { on: today } } })),
    enabled: today !== "",
    refetchInterval: 15_000,
  });
  const awaited = appointments.data?.filter((one) => !one.over && one.place === "counter") ?? [];
  const here = (id: string) =>
    attempt(async () => {
      await done(api.POST("/api/appointments/{id}/here", { params: { path: { id } } }));
      await queries.invalidateQueries({ queryKey: ["appointments"] });
    });
  if (awaited.length === 0) return null;
  return (
    <section className="mt-6" aria-label={t("meet.awaited")}>
      <h2 className="head">{t("meet.awaited")}</h2>
      <ul>
        {awaited.map((one) => (
          <li
            key={one.id}
            className="grid grid-cols-[3.5rem_minmax(0,1fr)_auto] gap-4 items-center border-b border-base-300 py-2"
          >
            <span className="case text-right">{one.at}</span>
            <span>
              <span className="case text-lg">{one.name}</span>
              <span className="soft block small">
                {t("meet.with", { name: one.with })}
                {one.interpreter && ` · ${t("meet.interprets", { language: one.interpreter })}`}
              </span>
            </span>
            {one.hereSince ? (
              <span>{t("meet.here", { time: clockTime(one.hereSince) })}</span>
            ) : (
              <button
                type="button"
                className="btn btn-sm"
                aria-label={t("meet.checkInOf", { name: one.name })}
                onClick={() => here(one.id)}
              >
                {t("meet.checkIn")}
              </button>
            )}
          </li>
        ))}
      </ul>
      {refusal && (
        <p role="alert" className="wrong">
          {refusal}
        </p>
      )}
    </section>
  );
}
