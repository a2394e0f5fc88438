import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "@tanstack/react-router";
import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";
import { readDate } from "../draft/typing";
import { spoken } from "../i18n/words";
import { DayPlace } from "../parts/DayPlace";
import { useTrying } from "../parts/useTrying";

interface Props {
  household: string;
  today: string;
  onOver: () => void;
}

/** People live elsewhere from a day on: they become a household of their own, which is shown then. */
export function Parting({ household, today, onOver }: Props) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [attempt, refusal] = useTrying();
  const [unread, setUnread] = useState("");
  const path = { household };
  const people = useQuery({
    queryKey: ["household", household, "deaths"],
    queryFn: () => done(api.GET("/api/households/{household}/deaths", { params: { path } })),
  });
  const part = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const typed = new FormData(event.currentTarget);
    const text = (name: string) => String(typed.get(name) ?? "");
    const on = readDate(text("on").trim(), today, false);
    setUnread(on ? "" : t("parting.notADay"));
    if (!on) return;
    attempt(async () => {
      const own = await done(
        api.POST("/api/households/{household}/parting", {
          params: { path },
          body: {
            people: typed.getAll("person").map(String),
            on,
            line1: text("line1"),
            postcode: text("postcode"),
            town: text("town"),
            isHidden: typed.has("hidden"),
            told: text("told"),
          },
        }),
      );
      await queries.invalidateQueries({ queryKey: ["household", household] });
      onOver();
      navigate({ to: "/households/$id", params: { id: own.household } });
    });
  };
  if (!people.data) return null;
  const others = people.data.living.filter((one) => one.role !== "applicant");
  return (
    <form onSubmit={part} className="px-6 py-3 border-b border-base-300" aria-label={t("parting.title")}>
      <fieldset>
        <legend className="head w-full">{t("parting.who")}</legend>
        {others.length === 0 && <p>{t("parting.nobody")}</p>}
        {others.map((one, i) => (
          <label key={one.person} className="inline-flex items-center gap-2 mr-6 min-h-8">
            <input
              type="checkbox"
              name="person"
              value={one.person}
              className="checkbox checkbox-sm"
              // biome-ignore lint/a11y/noAutofocus: it is what was just asked for.
              autoFocus={i === 0}
            />
            <span>
              <span className="case">{one.name}</span>, {spoken(one.role)}
            </span>
          </label>
        ))}
        <p className="soft small">{t("parting.stays")}</p>
      </fieldset>
      <div className="flex flex-wrap gap-3 items-end my-2">
        <label className="flex flex-col small">
          {t("parting.on")}
          <DayPlace today={today} ahead={false}>
            <input name="on" required className="input input-sm w-36" autoComplete="off" />
          </DayPlace>
        </label>
        {(["line1", "postcode", "town"] as const).map((name) => (
          <label key={name} className="flex flex-col small">
            {t(`parting.${name}`)}
            <input
              name={name}
              className={`input input-sm ${name === "postcode" ? "w-24" : "w-52"}`}
              autoComplete="off"
              maxLength={200}
            />
          </label>
        ))}
        <label className="flex flex-col small flex-1 min-w-60">
          {t("parting.told")}
          <input name="told" className="input input-sm w-full" autoComplete="off" maxLength={400} />
        </label>
      </div>
      <div className="flex flex-wrap gap-3 items-center">
        <label className="flex items-center gap-2 small mr-auto">
          <input type="checkbox" name="hidden" className="checkbox checkbox-sm" />
          {t("parting.hidden")}
        </label>
        <button type="submit" className="btn btn-sm btn-primary">
          {t("parting.note")}
        </button>
        <button type="button" className="btn btn-sm" onClick={onOver}>
          {t("parting.cancel")}
        </button>
      </div>
      <p role="alert" className="wrong small">
        {unread || refusal}
      </p>
    </form>
  );
}
