import { useQuery } from "@tanstack/react-query";
import { Link } from "@tanstack/react-router";
import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done, type Schemas } from "../api/client";
import { fullDay } from "../parts/format";
import { LettersHere } from "./LettersHere";

const LANGUAGES = [
  ["en", "English"],
  ["fr", "Français"],
  ["pt", "Português"],
  ["ar", "العربية"],
] as const;

interface Props {
  /** Who is at the counter, and is looked for first. */
  arrival?: Schemas["Arrival"];
}

/** Where somebody's claims stand, each in one line that can be read out in their language; no claim is opened. */
export function ToldThere({ arrival }: Props) {
  const { t } = useTranslation();
  const [sought, setSought] = useState(arrival?.name ?? "");
  const [person, setPerson] = useState<Schemas["FoundPerson"]>();
  const [language, setLanguage] = useState("en");
  const found = useQuery({
    queryKey: ["finder", sought],
    queryFn: () => done(api.POST("/api/finder", { body: { words: sought } })),
    enabled: sought !== "",
    gcTime: 0,
  });
  const lines = useQuery({
    queryKey: ["counter", "standing", person?.id, language],
    queryFn: () =>
      done(
        api.GET("/api/households/{household}/standing", {
          params: { path: { household: person?.id ?? "" }, query: { language } },
        }),
      ),
    enabled: Boolean(person),
  });
  const look = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    setPerson(undefined);
    setSought(String(new FormData(event.currentTarget).get("whose")).trim());
  };
  const people = found.data?.people.filter((one) => one.claims.length > 0) ?? [];
  return (
    <section aria-label={t("counter.stands")}>
      <h2 className="head">{t("counter.stands")}</h2>
      <form onSubmit={look} className="mb-2">
        <label className="flex flex-col small">
          {t("counter.whose")}
          <input
            id="whose-claims"
            name="whose"
            className="input case w-full"
            autoComplete="off"
            defaultValue={arrival?.name}
          />
        </label>
      </form>
      {found.data && people.length === 0 && !found.data.restricted && (
        <p className="soft">{t("counter.notFound")}</p>
      )}
      {found.data?.restricted && <p>{t("found.restricted")}</p>}
      {!person &&
        people.map((one) => (
          <button
            key={one.id + one.name}
            type="button"
            className="block w-full text-left py-1.5 border-b border-base-300 cursor-pointer"
            onClick={() => setPerson(one)}
          >
            <span className="case">{one.name}</span>{" "}
            <span className="soft small">
              {[one.birthDate && t("found.born", { day: fullDay(one.birthDate) }), one.address]
                .filter(Boolean)
                .join(" · ")}
            </span>
          </button>
        ))}
      {person && (
        <div>
          <p className="case text-lg">{person.name}</p>
          <p className="soft small mb-2">{t("counter.sure")}</p>
          <fieldset className="flex gap-x-3 flex-wrap mb-2">
            <legend className="sr-only">{t("counter.language")}</legend>
            {LANGUAGES.map(([word, name]) => (
              <label key={word} className="inline-flex items-center gap-1.5 min-h-8" lang={word}>
                <input
                  type="radio"
                  name="language"
                  className="radio radio-sm"
                  checked={language === word}
                  onChange={() => setLanguage(word)}
                />
                {name}
              </label>
            ))}
          </fieldset>
          {lines.data?.map((one) => (
            <div key={one.number} className="border-t border-base-300 py-2">
              <p className="small soft">
                <Link to="/claims/$number" params={{ number: one.number }} className="plain-link">
                  {one.number}
                </Link>{" "}
                {one.alone && <span className="wrong">{t("counter.alone")}</span>}
              </p>
              <p lang={language} dir={language === "ar" ? "rtl" : "ltr"}>
                <span className="font-semibold">{one.title}</span>
                <span className="block case text-lg leading-snug">{one.line}</span>
              </p>
            </div>
          ))}
          <LettersHere key={person.id} household={person.id} />
          {lines.data?.length === 0 && <p className="soft">{t("household.noClaims")}</p>}
        </div>
      )}
    </section>
  );
}
