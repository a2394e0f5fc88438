import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "@tanstack/react-router";
import { useTranslation } from "react-i18next";
import { api, done, type Schemas } from "../api/client";
import { useSession } from "../api/session";
import { spoken } from "../i18n/words";
import { clockTime, shortDay } from "../parts/format";
import { goOnAt, useParked } from "../parts/parking";
import { useTrying } from "../parts/useTrying";
import { draftsQuery } from "./queries";

const PARKS = ["front desk", "caseworker", "senior caseworker"];

/** What one was called away from, to be gone on with where one was. */
export function ParkedLine() {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const navigate = useNavigate();
  const session = useSession();
  const [attempt, refusal] = useTrying();
  const parked = useParked(PARKS.includes(session?.role ?? ""));
  const drafts = useQuery(draftsQuery());
  const takeOff = async (one: Schemas["Parked"]) =>
    queries.setQueryData(
      ["parked"],
      await done(api.POST("/api/parked/{parked}/taken-up", { params: { path: { parked: one.id } } })),
    );
  const goOn = (one: Schemas["Parked"]) =>
    attempt(async () => {
      await takeOff(one);
      goOnAt(queries, one);
      if (one.claim) navigate({ to: "/claims/$number", params: { number: one.claim } });
      else if (one.application) navigate({ to: "/applications/$id", params: { id: one.application } });
    });
  const called = (one: Schemas["Parked"]) =>
    one.who ?? (drafts.data?.find((draft) => draft.id === one.application)?.title || t("desk.nameless"));
  if (!parked.data?.length && !refusal) return null;
  return (
    <section className="px-5 py-2 border-b border-base-300" aria-label={t("parked.title")}>
      {parked.data?.map((one) => (
        <p key={one.id} className="flex flex-wrap gap-x-3 items-baseline">
          <span className="soft small">{t("parked.title")}</span>
          <span className="case">{called(one)}</span>
          {one.service && <span className="soft">{spoken(one.service)}</span>}
          {one.where.label && (
            <span className="soft small">{t("parked.at", { label: one.where.label })}</span>
          )}
          <span className="soft small">
            {one.at.slice(0, 10) === session?.today ? clockTime(one.at) : shortDay(one.at)}
          </span>
          <button
            type="button"
            className="plain-link"
            aria-label={t("parked.goOnWith", { what: called(one) })}
            onClick={() => goOn(one)}
          >
            {t("parked.goOn")}
          </button>
          <button
            type="button"
            className="plain-link small"
            aria-label={t("parked.offOf", { what: called(one) })}
            onClick={() => attempt(() => takeOff(one))}
          >
            {t("parked.off")}
          </button>
        </p>
      ))}
      {refusal && (
        <p role="alert" className="wrong">
          {refusal}
        </p>
      )}
    </section>
  );
}
