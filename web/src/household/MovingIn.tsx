import { useQuery, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done, type Schemas } from "../api/client";
import { readDate } from "../draft/typing";
import { spoken, vocabulary } from "../i18n/words";
import { DayPlace } from "../parts/DayPlace";
import { fullDay } from "../parts/format";
import { useTrying } from "../parts/useTrying";

interface Props {
  household: string;
  today: string;
  onOver: () => void;
}

type Role = Schemas["Newcomer"]["as"];

/** People of another household live here from a day on: somebody is looked for, then who of their home comes and as what. */
export function MovingIn({ household, today, onOver }: Props) {
  const { t } = useTranslation();
  const [from, setFrom] = useState<Schemas["FoundPerson"]>();
  const [sought, setSought] = useState("");
  const found = useQuery({
    queryKey: ["finder", sought],
    queryFn: () => done(api.POST("/api/finder", { body: { words: sought } })),
    enabled: sought !== "",
    gcTime: 0,
  });
  const look = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    setFrom(undefined);
    setSought(String(new FormData(event.currentTarget).get("whose")).trim());
  };
  const others = found.data?.people.filter((one) => one.id !== household) ?? [];
  return (
    <section className="px-6 py-3 border-b border-base-300" aria-label={t("movingIn.title")}>
      <h2 className="head">{t("movingIn.title")}</h2>
      <form onSubmit={look} className="flex items-end gap-3 mb-2">
        <label className="flex flex-col small">
          {t("movingIn.whose")}
          <input
            name="whose"
            required
            className="input input-sm w-72"
            autoComplete="off"
            // biome-ignore lint/a11y/noAutofocus: it is what was just asked for.
            autoFocus
          />
        </label>
        <button type="submit" className="btn btn-sm">
          {t("movingIn.look")}
        </button>
        {!from && (
          <button type="button" className="btn btn-sm ml-auto" onClick={onOver}>
            {t("parting.cancel")}
          </button>
        )}
      </form>
      {found.data && others.length === 0 && <p role="status">{t("movingIn.nobody")}</p>}
      {!from &&
        others.map((one) => (
          <button
            key={one.id + one.name + one.birthDate}
            type="button"
            className="block w-full text-left py-1.5 border-b border-base-300 cursor-pointer"
            onClick={() => setFrom(one)}
          >
            <span className="case">{one.name}</span>{" "}
            <span className="soft small">
              {[
                one.birthDate && t("found.born", { day: fullDay(one.birthDate) }),
                one.address,
                one.household && t("found.household", { name: one.household }),
              ]
                .filter(Boolean)
                .join(" · ")}
            </span>
          </button>
        ))}
      {from && <Coming key={from.id} household={household} from={from} today={today} onOver={onOver} />}
    </section>
  );
}

/** Who of a home comes, as what, and since when. */
function Coming({ household, from, today, onOver }: Props & { from: Schemas["FoundPerson"] }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const [attempt, refusal] = useTrying();
  const [unread, setUnread] = useState("");
  const [coming, setComing] = useState<string[]>([]);
  const people = useQuery({
    queryKey: ["household", from.id, "deaths"],
    queryFn: () =>
      done(api.GET("/api/households/{household}/deaths", { params: { path: { household: from.id } } })),
  });
  const roles = vocabulary<Role>("role").filter((role) => role !== "applicant");
  const note = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const typed = new FormData(event.currentTarget);
    const on = readDate(String(typed.get("on") ?? "").trim(), today, false);
    setUnread(on ? "" : t("parting.notADay"));
    if (!on) return;
    attempt(async () => {
      await done(
        api.POST("/api/households/{household}/moving-in", {
          params: { path: { household } },
          body: {
            from: from.id,
            people: coming.map((person) => ({ person, as: String(typed.get(`as ${person}`)) as Role })),
            on,
            told: String(typed.get("told") ?? ""),
          },
        }),
      );
      await queries.invalidateQueries({ queryKey: ["household"] });
      onOver();
    });
  };
  const turn = (person: string, isComing: boolean) =>
    setComing((before) => before.filter((one) => one !== person).concat(isComing ? person : []));
  if (!people.data) return null;
  return (
    <form onSubmit={note} aria-label={t("movingIn.who")}>
      <fieldset>
        <legend className="small soft">{t("movingIn.who")}</legend>
        {people.data.living.length === 0 && <p>{t("movingIn.empty")}</p>}
        <ul>
          {people.data.living.map((one) => (
            <li key={one.person} className="flex flex-wrap items-center gap-3 min-h-9">
              <label className="inline-flex items-center gap-2 w-72">
                <input
                  type="checkbox"
                  className="checkbox checkbox-sm"
                  checked={coming.includes(one.person)}
                  onChange={(event) => turn(one.person, event.target.checked)}
                />
                <span>
                  <span className="case">{one.name}</span>
                  {one.birthDate && (
                    <span className="soft small">, {t("found.born", { day: fullDay(one.birthDate) })}</span>
                  )}
                </span>
              </label>
              {coming.includes(one.person) && (
                <label className="inline-flex items-center gap-2 small">
                  {t("movingIn.as")}
                  <select
                    name={`as ${one.person}`}
                    aria-label={t("movingIn.asWhat", { name: one.name })}
                    className="select select-sm w-44"
                    defaultValue="relative"
                  >
                    {roles.map((role) => (
                      <option key={role} value={role}>
                        {spoken(role, "role")}
                      </option>
                    ))}
                  </select>
                </label>
              )}
            </li>
          ))}
        </ul>
        <p className="soft small">{t("movingIn.stays")}</p>
      </fieldset>
      <div className="flex flex-wrap gap-3 items-end my-2">
        <label className="flex flex-col small">
          {t("parting.on")}
          <DayPlace today={today} ahead={false}>
            <input name="on" required className="input input-sm w-36" autoComplete="off" />
          </DayPlace>
        </label>
        <label className="flex flex-col small flex-1 min-w-60">
          {t("parting.told")}
          <input name="told" className="input input-sm w-full" autoComplete="off" maxLength={400} />
        </label>
        <button type="submit" className="btn btn-sm btn-primary">
          {t("movingIn.note")}
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
