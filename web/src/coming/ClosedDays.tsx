import { useQuery, useQueryClient } from "@tanstack/react-query";
import type { FormEvent } from "react";
import { useTranslation } from "react-i18next";
import { api, done, type Schemas } from "../api/client";
import { useSession } from "../api/session";
import { readDate } from "../draft/typing";
import { DayPlace } from "../parts/DayPlace";
import { fullDay } from "../parts/format";
import { useTrying } from "../parts/useTrying";

/** Days on which the office is closed; a senior declares them and takes them back. */
export function ClosedDays({ onSaid }: { onSaid: (words: string) => void }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const session = useSession();
  const closures = useQuery({ queryKey: ["closures"], queryFn: () => done(api.GET("/api/closures")) });
  const [attempt, refusal] = useTrying();
  const senior = session?.role === "senior caseworker";
  const today = session?.today ?? "";
  const fresh = (left: Schemas["ClosureView"][], words: string) => {
    queries.setQueryData(["closures"], left);
    onSaid(words);
  };
  const declare = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = event.currentTarget;
    const typed = new FormData(form);
    attempt(async () => {
      const day = (name: "from" | "until") => {
        const read = readDate(String(typed.get(name)), today, true);
        if (!read) throw new Error(t("paper.notADay", { what: t(`closed.${name}`) }));
        return read;
      };
      const body = { from: day("from"), until: day("until"), because: String(typed.get("because")) };
      fresh(
        await done(api.POST("/api/closures", { body })),
        t("closed.declared", { from: fullDay(body.from), until: fullDay(body.until) }),
      );
      form.reset();
    });
  };
  const takeBack = (id: string) =>
    attempt(async () =>
      fresh(
        await done(api.POST("/api/closures/{id}/taken-back", { params: { path: { id } } })),
        t("closed.isTakenBack"),
      ),
    );
  return (
    <section className="mb-6 max-w-[75rem]" aria-label={t("closed.title")}>
      <h2 className="head">{t("closed.title")}</h2>
      {closures.data?.length === 0 && <p className="soft py-2">{t("closed.none")}</p>}
      <ul>
        {closures.data?.map((one) => (
          <li
            key={one.id}
            className="grid grid-cols-[18rem_minmax(0,1fr)_auto] gap-4 items-baseline stacks border-b border-base-300 py-2"
          >
            <span className="case">
              {one.from === one.until
                ? fullDay(one.from)
                : t("closed.days", { from: fullDay(one.from), until: fullDay(one.until) })}
            </span>
            <span>
              {one.because} <span className="soft small">· {t("closed.by", { name: one.by })}</span>
            </span>
            {senior && (
              <button
                type="button"
                className="btn btn-sm"
                aria-label={t("closed.takeBackOf", { why: one.because })}
                onClick={() => takeBack(one.id)}
              >
                {t("closed.takeBack")}
              </button>
            )}
          </li>
        ))}
      </ul>
      {senior && (
        <form onSubmit={declare} className="flex flex-wrap gap-4 items-end mt-3">
          {(["from", "until"] as const).map((name) => (
            <label key={name} className="flex flex-col gap-0.5">
              <span className="soft small">{t(`closed.${name}`)}</span>
              <DayPlace today={today}>
                <input name={name} required className="input input-sm case w-36" autoComplete="off" />
              </DayPlace>
            </label>
          ))}
          <label className="flex flex-col gap-0.5 flex-1 min-w-60">
            <span className="soft small">{t("closed.because")}</span>
            <input name="because" required className="input input-sm w-full" autoComplete="off" />
          </label>
          <button type="submit" className="btn btn-sm">
            {t("closed.declare")}
          </button>
        </form>
      )}
      {refusal && (
        <p role="alert" className="wrong">
          {refusal}
        </p>
      )}
    </section>
  );
}
