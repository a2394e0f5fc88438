import { useQuery, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done, type Schemas } from "../api/client";
import { readDate } from "../draft/typing";
import { spoken } from "../i18n/words";
import { DayPlace } from "../parts/DayPlace";
import { fullDay } from "../parts/format";
import { useTrying } from "../parts/useTrying";

interface Props {
  household: string;
  today: string;
  /** Whether one is being noted. */
  noting: boolean;
  onNoted: () => void;
}

/** Somebody of the household has died: it is noted once, and a person says who goes on with what they had asked for. */
export function Deaths({ household, today, noting, onNoted }: Props) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const [attempt, refusal] = useTrying();
  const [unread, setUnread] = useState("");
  const key = ["household", household, "deaths"];
  const path = { household };
  const deaths = useQuery({
    queryKey: key,
    queryFn: () => done(api.GET("/api/households/{household}/deaths", { params: { path } })),
  });
  const changed = async (view: Schemas["DeathsView"]) => {
    queries.setQueryData(key, view);
    await queries.invalidateQueries({ queryKey: ["household", household] });
  };
  const note = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const typed = new FormData(event.currentTarget);
    const on = readDate(String(typed.get("on")).trim(), today, false);
    setUnread(on ? "" : t("death.notADay"));
    if (!on) return;
    attempt(async () => {
      await changed(
        await done(
          api.POST("/api/households/{household}/deaths", {
            params: { path },
            body: { person: String(typed.get("person")), on, told: String(typed.get("told")) },
          }),
        ),
      );
      onNoted();
    });
  };
  const goesOn = (person: string, other: string | undefined, because: string) =>
    attempt(async () =>
      changed(
        await done(
          api.POST("/api/households/{household}/deaths/goes-on", {
            params: { path },
            body: { person, goesOn: other, because },
          }),
        ),
      ),
    );
  if (!deaths.data || !(noting || deaths.data.open.length)) return null;
  return (
    <section className="px-6 py-2 border-b border-base-300" aria-label={t("death.title")}>
      {deaths.data.open.map((dead) => (
        <WhoGoesOn key={dead.person} dead={dead} onSaid={goesOn} />
      ))}
      {noting && (
        <form onSubmit={note} className="flex flex-wrap gap-3 items-end my-1">
          <label className="flex flex-col small">
            {t("death.who")}
            {/* biome-ignore lint/a11y/noAutofocus: it is what was just asked for. */}
            <select name="person" autoFocus className="select select-sm w-64">
              {deaths.data.living.map((one) => (
                <option key={one.person} value={one.person}>
                  {one.name}, {spoken(one.role)}
                </option>
              ))}
            </select>
          </label>
          <label className="flex flex-col small">
            {t("death.on")}
            <DayPlace today={today} ahead={false}>
              <input name="on" className="input input-sm w-36" autoComplete="off" />
            </DayPlace>
          </label>
          <label className="flex flex-col small flex-1 min-w-60">
            {t("death.told")}
            <input name="told" className="input input-sm w-full" autoComplete="off" maxLength={400} />
          </label>
          <button type="submit" className="btn btn-sm btn-primary">
            {t("death.note")}
          </button>
          <button type="button" className="btn btn-sm" onClick={onNoted}>
            {t("death.cancel")}
          </button>
        </form>
      )}
      <p role="alert" className="wrong small">
        {unread || refusal}
      </p>
    </section>
  );
}

const NOBODY = "nobody";

interface WhoProps {
  dead: Schemas["OpenDeath"];
  onSaid: (person: string, other: string | undefined, because: string) => void;
}

/** Of somebody who had asked for something: who goes on, or that nobody does. */
function WhoGoesOn({ dead, onSaid }: WhoProps) {
  const { t } = useTranslation();
  const say = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const typed = new FormData(event.currentTarget);
    const other = String(typed.get("other"));
    onSaid(dead.person, other === NOBODY ? undefined : other, String(typed.get("because")));
  };
  return (
    <form onSubmit={say} className="border-l-3 border-current pl-3 my-1">
      <p>
        <b className="case">{t("death.died", { name: dead.name, day: fullDay(dead.on) })}</b>{" "}
        <span className="soft small">{t("death.stopped")}</span>
      </p>
      <div className="flex flex-wrap gap-3 items-end my-1">
        <label className="flex flex-col small">
          {t("death.goesOn")}
          <select name="other" className="select select-sm w-72" required defaultValue="">
            <option value="" disabled>
              {t("death.choose")}
            </option>
            {dead.mayGoOn.map((one) => (
              <option key={one.person} value={one.person}>
                {one.name}, {spoken(one.role)}
              </option>
            ))}
            <option value={NOBODY}>{t("death.nobody")}</option>
          </select>
        </label>
        <label className="flex flex-col small flex-1 min-w-60">
          {t("death.because")}
          <input
            name="because"
            required
            className="input input-sm w-full"
            autoComplete="off"
            maxLength={400}
          />
        </label>
        <button type="submit" className="btn btn-sm btn-primary">
          {t("death.say")}
        </button>
      </div>
    </form>
  );
}
