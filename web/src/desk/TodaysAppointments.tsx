import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Link } from "@tanstack/react-router";
import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done, type Schemas } from "../api/client";
import { useSession } from "../api/session";
import { clockTime } from "../parts/format";
import { useTrying } from "../parts/useTrying";

/** Whom one meets today, whether they are here, and what came of it. */
export function TodaysAppointments() {
  const { t } = useTranslation();
  const session = useSession();
  const works = session?.role === "caseworker" || session?.role === "senior caseworker";
  const today = session?.today ?? "";
  const appointments = useQuery({
    queryKey: ["appointments", today],
    queryFn: () => done(api.GET("/api/appointments", { params: { query: { on: today } } })),
    enabled: works && today !== "",
    refetchInterval: 30_000,
  });
  const mine = appointments.data?.filter((one) => one.with === session?.name && !one.over) ?? [];
  if (mine.length === 0) return null;
  return (
    <section className="px-5 py-2 border-b border-base-300" aria-label={t("meet.today")}>
      {mine.map((one) => (
        <Met key={one.id} appointment={one} />
      ))}
    </section>
  );
}

function Met({ appointment }: { appointment: Schemas["AppointmentView"] }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const [attempt, refusal] = useTrying();
  const [asking, setAsking] = useState<"MISSED" | "CALLED_OFF">();
  const over = (how: "CAME" | "MISSED" | "CALLED_OFF", note: string) =>
    attempt(async () => {
      await done(
        api.POST("/api/appointments/{id}/over", {
          params: { path: { id: appointment.id } },
          body: { over: how, note },
        }),
      );
      await queries.invalidateQueries({ queryKey: ["appointments"] });
    });
  const noted = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    if (asking) over(asking, String(new FormData(event.currentTarget).get("note")));
  };
  const { name } = appointment;
  return (
    <>
      <p className="flex flex-wrap gap-x-3 items-baseline">
        <span className="case">{appointment.at}</span>
        <Link to="/claims/$number" params={{ number: appointment.claim }} className="plain-link">
          {name}
        </Link>
        <span>
          {t(`meet.place.${appointment.place}`)}
          {appointment.interpreter && `, ${t("meet.interprets", { language: appointment.interpreter })}`}
          {appointment.about && <span className="soft"> · {appointment.about}</span>}
        </span>
        {appointment.hereSince && (
          <strong>{t("meet.here", { time: clockTime(appointment.hereSince) })}</strong>
        )}
        <span className="flex gap-3 ml-auto">
          <button
            type="button"
            className="plain-link small"
            aria-label={t("meet.cameOf", { name })}
            onClick={() => over("CAME", "")}
          >
            {t("meet.came")}
          </button>
          {(["MISSED", "CALLED_OFF"] as const).map((how) => (
            <button
              key={how}
              type="button"
              className="plain-link small"
              aria-label={t(`meet.button.${how}Of`, { name })}
              aria-expanded={asking === how}
              onClick={() => setAsking(asking === how ? undefined : how)}
            >
              {t(`meet.button.${how}`)}
            </button>
          ))}
        </span>
      </p>
      {asking && (
        <form onSubmit={noted} className="flex gap-3 items-end my-1">
          <label className="flex flex-col small flex-1">
            {t("meet.known")}
            {/* biome-ignore lint/a11y/noAutofocus: it is what was just asked for. */}
            <input name="note" autoFocus className="input input-sm w-full" autoComplete="off" />
          </label>
          <button type="submit" className="btn btn-sm">
            {t("meet.note")}
          </button>
        </form>
      )}
      {refusal && (
        <p role="alert" className="wrong">
          {refusal}
        </p>
      )}
    </>
  );
}
