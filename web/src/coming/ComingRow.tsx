import { Link } from "@tanstack/react-router";
import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done, type Schemas } from "../api/client";
import { shortDay } from "../parts/format";
import { useTrying } from "../parts/useTrying";

interface Props {
  day: Schemas["ComingDay"];
  /** With what is left, and what to say of what was done. */
  onSeenTo: (left: Schemas["ComingDay"][], said: string) => void;
}

/** A day ahead: the household is asked to renew what ends, or it is seen to otherwise, with how. */
export function ComingRow({ day, onSeenTo }: Props) {
  const { t } = useTranslation();
  const [attempt, refusal] = useTrying();
  const [doing, setDoing] = useState<"" | "ask" | "settle">("");
  const claim = day.claim;
  const ask = (number: string) =>
    attempt(async () =>
      onSeenTo(
        await done(api.POST("/api/claims/{number}/renewal", { params: { path: { number } } })),
        t("coming.asked", { name: day.name }),
      ),
    );
  const settle = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const because = String(new FormData(event.currentTarget).get("because"));
    attempt(async () =>
      onSeenTo(
        await done(
          api.POST("/api/households/{household}/coming-up/seen-to", {
            params: { path: { household: day.household } },
            body: { what: day.what, because },
          }),
        ),
        t("coming.settled", { name: day.name }),
      ),
    );
  };
  return (
    <li className="border-b border-base-300 py-2">
      <div className="grid grid-cols-[9rem_minmax(0,1fr)_auto] gap-4 items-baseline stacks">
        <span className="case">{shortDay(day.on)}</span>
        <span>
          <Link to="/households/$id" params={{ id: day.household }} className="plain-link">
            {day.name}
          </Link>
          <span className="soft"> · </span>
          {day.words}
          {claim && (
            <span className="soft small block">
              <Link to="/claims/$number" params={{ number: claim }} className="plain-link">
                {claim}
              </Link>
              {day.holder && ` · ${t("coming.heldBy", { name: day.holder })}`}
            </span>
          )}
        </span>
        <span className="flex gap-2">
          {claim && day.mine && (
            <button
              type="button"
              className="btn btn-sm"
              aria-expanded={doing === "ask"}
              aria-label={t("coming.askOf", { name: day.name })}
              onClick={() => setDoing(doing === "ask" ? "" : "ask")}
            >
              {t("coming.ask")}
            </button>
          )}
          <button
            type="button"
            className="btn btn-sm"
            aria-expanded={doing === "settle"}
            aria-label={t("coming.settleOf", { name: day.name })}
            onClick={() => setDoing(doing === "settle" ? "" : "settle")}
          >
            {t("coming.settle")}
          </button>
        </span>
      </div>
      {doing === "ask" && claim && (
        <p className="mt-2 flex flex-wrap gap-3 items-center">
          {t("coming.askSays")}
          <button
            type="button"
            className="btn btn-sm btn-primary"
            // biome-ignore lint/a11y/noAutofocus: what was asked for opens here, and Enter sends it.
            autoFocus
            onClick={() => ask(claim)}
          >
            {t("coming.send", { name: day.name })}
          </button>
          <a className="plain-link" href={`/api/claims/${claim}/form`}>
            {t("coming.form")}
          </a>
        </p>
      )}
      {doing === "settle" && (
        <form onSubmit={settle} className="mt-2 flex flex-wrap gap-3 items-end">
          <label className="flex flex-col small">
            {t("coming.because")}
            <input
              name="because"
              className="input input-sm w-96"
              autoComplete="off"
              // biome-ignore lint/a11y/noAutofocus: what was asked for opens here.
              autoFocus
            />
          </label>
          <button type="submit" className="btn btn-sm btn-primary">
            {t("coming.settle")}
          </button>
        </form>
      )}
      {refusal && (
        <p role="alert" className="wrong">
          {refusal}
        </p>
      )}
    </li>
  );
}
