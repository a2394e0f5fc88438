import { type FormEvent, useRef, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done, type Schemas } from "../api/client";
import { useTrying } from "../parts/useTrying";

export const WISHES = ["whereItStands", "bringsPapers", "applies", "appointment", "collects", "other"];

/** Somebody arrives: by what they are called and what for; they are told their number. */
export function Arriving({ onArrived }: { onArrived: (here: Schemas["Arrival"][]) => void }) {
  const { t } = useTranslation();
  const [attempt, refusal] = useTrying();
  const [given, setGiven] = useState("");
  const form = useRef<HTMLFormElement>(null);
  const arrive = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const typed = new FormData(event.currentTarget);
    const name = String(typed.get("name")).trim();
    setGiven("");
    attempt(async () => {
      const arrived = await done(
        api.POST("/api/counter/arrivals", { body: { name, wish: String(typed.get("wish")) } }),
      );
      onArrived(arrived.here);
      setGiven(t("counter.given", { nr: arrived.nr, name }));
      form.current?.reset();
      document.getElementById("arrives")?.focus();
    });
  };
  return (
    <form ref={form} onSubmit={arrive} className="flex flex-col gap-2 mb-6" aria-label={t("counter.arrives")}>
      <h2 className="head">{t("counter.arrives")}</h2>
      <label className="flex flex-col small">
        {t("counter.name")}
        <input id="arrives" name="name" className="input case w-full" autoComplete="off" />
      </label>
      <fieldset>
        <legend className="small">{t("counter.wish")}</legend>
        <div className="grid grid-cols-2 gap-x-3">
          {WISHES.map((wish, i) => (
            <label key={wish} className="inline-flex items-center gap-2 min-h-8">
              <input
                type="radio"
                name="wish"
                value={wish}
                defaultChecked={i === 0}
                className="radio radio-sm"
              />
              {t(`counter.wishes.${wish}`)}
            </label>
          ))}
        </div>
      </fieldset>
      <button type="submit" className="btn btn-sm btn-primary self-start">
        {t("counter.giveNumber")}
      </button>
      <p role="status" className="case text-lg">
        {given}
      </p>
      {refusal && (
        <p role="alert" className="wrong">
          {refusal}
        </p>
      )}
    </form>
  );
}
