import { useQuery, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, type ClaimView, done } from "../api/client";
import { useSession } from "../api/session";
import { readDate } from "../draft/typing";
import { DayPlace } from "../parts/DayPlace";
import { shortDay } from "../parts/format";
import { useTrying } from "../parts/useTrying";
import { readTime } from "./readTime";

const PLACES = ["COUNTER", "PHONE", "HOME"] as const;

interface Props {
  claim: ClaimView;
  today: string;
  onChanged: () => void;
}

/** The appointments with a claim's household, and one to be made. */
export function Appointments({ claim, today, onChanged }: Props) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const session = useSession();
  const [attempt, refusal] = useTrying();
  const [unread, setUnread] = useState("");
  const [making, setMaking] = useState(false);
  const key = ["claim", claim.number, "appointments"];
  const path = { number: claim.number };
  const appointments = useQuery({
    queryKey: key,
    queryFn: () => done(api.GET("/api/claims/{number}/appointments", { params: { path } })),
  });
  const heard = useQuery({
    queryKey: ["claim", claim.number, "hearing"],
    queryFn: () => done(api.GET("/api/claims/{number}/hearing", { params: { path } })),
    enabled: making,
  });
  const staff = useQuery({ queryKey: ["staff"], queryFn: () => done(api.GET("/api/staff")) });
  const make = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const typed = new FormData(event.currentTarget);
    const on = readDate(String(typed.get("on")), today, true);
    const at = readTime(String(typed.get("at")));
    const minutes = Number(typed.get("minutes"));
    const wrong = [
      ...(on ? [] : [t("meet.notADay")]),
      ...(at ? [] : [t("meet.notATime")]),
      ...(Number.isInteger(minutes) && minutes > 0 ? [] : [t("meet.notMinutes")]),
    ];
    setUnread(wrong.join(" "));
    if (!on || !at || wrong.length > 0) return;
    attempt(async () => {
      const fresh = await done(
        api.POST("/api/claims/{number}/appointments", {
          params: { path },
          body: {
            on,
            at,
            minutes,
            with: String(typed.get("with")),
            place: String(typed.get("place")) as (typeof PLACES)[number],
            interpreter: String(typed.get("interpreter")),
            about: String(typed.get("about")),
            hearing: typed.get("hearing") !== null,
          },
        }),
      );
      queries.setQueryData(key, fresh);
      await queries.invalidateQueries({ queryKey: ["appointments"] });
      setMaking(false);
      onChanged();
    });
  };
  return (
    <div className="border-t border-base-300 pt-2 mt-1">
      {appointments.data?.map((one) => (
        <p key={one.id}>
          <span className="case">
            {shortDay(one.on)}, {one.at}
          </span>{" "}
          {t(`meet.place.${one.place}`)}, {t("meet.with", { name: one.with })}
          {one.hearing && `, ${t("meet.isHearing")}`}
          {one.interpreter && `, ${t("meet.interprets", { language: one.interpreter })}`}
          <span className="soft">
            {" "}
            · {one.over ? t(`meet.over.${one.over}`) : one.about}
            {one.note && `: ${one.note}`}
          </span>
        </p>
      ))}
      {!making && (
        <button type="button" className="btn btn-sm mt-1" onClick={() => setMaking(true)}>
          {t("meet.make")}
        </button>
      )}
      {making && staff.data && (
        <form onSubmit={make} className="flex flex-wrap gap-3 items-end mt-1">
          <label className="flex flex-col small">
            {t("meet.on")}
            <DayPlace today={today}>
              {/* biome-ignore lint/a11y/noAutofocus: it is what was just asked for. */}
              <input name="on" autoFocus className="input input-sm case w-32" autoComplete="off" />
            </DayPlace>
          </label>
          <label className="flex flex-col small">
            {t("meet.at")}
            <input name="at" className="input input-sm case w-20" placeholder="14:30" autoComplete="off" />
          </label>
          <label className="flex flex-col small">
            {t("meet.minutes")}
            <input name="minutes" defaultValue="30" className="input input-sm case w-16" />
          </label>
          <label className="flex flex-col small">
            {t("meet.where")}
            <select name="place" className="select select-sm w-32">
              {PLACES.map((place) => (
                <option key={place} value={place}>
                  {t(`meet.place.${place.toLowerCase()}`)}
                </option>
              ))}
            </select>
          </label>
          <label className="flex flex-col small">
            {t("meet.who")}
            <select
              name="with"
              className="select select-sm w-44"
              defaultValue={staff.data.find((one) => one.name === session?.name)?.login}
            >
              {staff.data.map((one) => (
                <option key={one.login} value={one.login}>
                  {one.name}
                </option>
              ))}
            </select>
          </label>
          <label className="flex flex-col small">
            {t("meet.interpreter")}
            <input name="interpreter" className="input input-sm w-36" autoComplete="off" />
          </label>
          <label className="flex flex-col small flex-1 min-w-52">
            {t("meet.about")}
            <input name="about" className="input input-sm w-full" autoComplete="off" maxLength={400} />
          </label>
          {heard.data?.from && (
            <label className="flex items-center gap-1.5 small w-full">
              <input type="checkbox" name="hearing" className="checkbox checkbox-sm" />
              {t("meet.hearing", { day: shortDay(heard.data.from) })}
            </label>
          )}
          <button type="submit" className="btn btn-sm btn-primary">
            {t("meet.makeIt")}
          </button>
          {(unread || refusal) && (
            <p role="alert" className="wrong w-full">
              {unread || refusal}
            </p>
          )}
        </form>
      )}
    </div>
  );
}
