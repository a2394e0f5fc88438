import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, type ClaimView, done } from "../api/client";
import { readDate } from "../draft/typing";
import { spoken, vocabulary } from "../i18n/words";
import { DayPlace } from "../parts/DayPlace";
import { shortDay } from "../parts/format";
import { useTrying } from "../parts/useTrying";

import { Reminders } from "./Reminders";

const OCCASIONS = vocabulary("occasion");

interface Props {
  claim: ClaimView;
  today: string;
  /** Whether whoever looks works claims: only then have they reminders of their own. */
  works: boolean;
  onChanged: () => void;
}

/** What makes a claim press beside its clock: the day to answer before, a wish to hurry, the day it reached us. */
export function Pressing({ claim, today, works, onChanged }: Props) {
  const { t } = useTranslation();
  const [attempt, refusal] = useTrying();
  const [unread, setUnread] = useState("");
  const path = { params: { path: { number: claim.number } } };
  const version = claim.version;
  const send = (form: HTMLFormElement | null, what: () => Promise<unknown>) =>
    attempt(async () => {
      await what();
      form?.reset();
      onChanged();
    });
  const dated = (
    event: FormEvent<HTMLFormElement>,
    ahead: boolean,
    then: (day: string, form: FormData) => Promise<unknown>,
  ) => {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    const day = readDate(String(form.get("on")), today, ahead);
    setUnread(day ? "" : t("app.unread", { expected: "4 12 26" }));
    if (day) send(event.currentTarget, () => then(day, form));
  };
  return (
    <section
      className="px-6 py-3 border-b border-base-300 flex flex-col gap-3"
      aria-label={t("pressing.title")}
    >
      <form
        className="flex flex-wrap gap-3 items-end"
        onSubmit={(event) =>
          dated(event, true, (on, form) =>
            done(
              api.POST("/api/claims/{number}/outside-date", {
                ...path,
                body: { version, what: String(form.get("what")), on, shownBy: String(form.get("shownBy")) },
              }),
            ),
          )
        }
      >
        <label className="flex flex-col small">
          {t("outside.what")}
          <select name="what" className="select select-sm w-56" required defaultValue="">
            <option value="" disabled>
              {t("app.choose")}
            </option>
            {OCCASIONS.map((one) => (
              <option key={one} value={one}>
                {spoken(one, "occasion")}
              </option>
            ))}
          </select>
        </label>
        <label className="flex flex-col small">
          {t("outside.on")}
          <DayPlace today={today}>
            <input name="on" className="input input-sm case w-32" required />
          </DayPlace>
        </label>
        <label className="flex flex-col small">
          {t("outside.shownBy")}
          <input name="shownBy" className="input input-sm case w-56" />
        </label>
        <button type="submit" className="btn btn-sm">
          {t("pressing.set")}
        </button>
        {claim.outside && (
          <button
            type="button"
            className="btn btn-sm"
            onClick={() =>
              send(null, () =>
                done(api.POST("/api/claims/{number}/outside-date", { ...path, body: { version } })),
              )
            }
          >
            {t("pressing.clear")}
          </button>
        )}
      </form>
      <form
        className="flex flex-wrap gap-3 items-end"
        onSubmit={(event) => {
          event.preventDefault();
          const because = String(new FormData(event.currentTarget).get("because"));
          send(event.currentTarget, () =>
            done(api.POST("/api/claims/{number}/wish", { ...path, body: { version, because } })),
          );
        }}
      >
        <label className="flex flex-col small">
          {t("pressing.wish")}
          <input name="because" className="input input-sm case w-96 max-w-full" required />
        </label>
        <button type="submit" className="btn btn-sm">
          {t("pressing.noteWish")}
        </button>
      </form>
      <form
        className="flex flex-wrap gap-3 items-end"
        onSubmit={(event) =>
          dated(event, false, (on, form) =>
            done(
              api.POST("/api/claims/{number}/reached", {
                ...path,
                body: { version, on, shownBy: String(form.get("shownBy")) },
              }),
            ),
          )
        }
      >
        <label className="flex flex-col small">
          {t("pressing.reached")}
          <DayPlace today={today}>
            <input
              name="on"
              className="input input-sm case w-32"
              placeholder={shortDay(claim.lodgedOn)}
              aria-label={t("pressing.reachedOn")}
              required
            />
          </DayPlace>
        </label>
        <label className="flex flex-col small">
          {t("reached.shownBy")}
          <input name="shownBy" className="input input-sm case w-56" required />
        </label>
        <button type="submit" className="btn btn-sm">
          {t("pressing.sayReached")}
        </button>
      </form>
      <p role="alert" className="wrong small">
        {unread || refusal}
      </p>
      {works && <Reminders claim={claim.number} today={today} />}
    </section>
  );
}
