import { useId, useState } from "react";
import { useTranslation } from "react-i18next";
import { spoken, vocabulary } from "../i18n/words";
import { useTrying } from "./useTrying";

const LANGUAGES = vocabulary("language");

/** A form that can be made: for whom, about whom, and who is named that could fill it in. */
export interface OtherFormKind {
  kind: string;
  title: string;
  people: { id: string; name: string }[];
  named?: string[];
}

export interface OtherFormAsked {
  kind: string;
  person: string;
  to: string;
  language: string;
}

/** Makes a form that an employer, a doctor, a landlord or a lender fills in. */
export function OtherForm({
  kinds,
  nobody,
  onMake,
}: {
  kinds: OtherFormKind[];
  /** What is said where nobody allows it. */
  nobody: string;
  onMake: (asked: OtherFormAsked) => Promise<unknown>;
}) {
  const { t } = useTranslation();
  const [kind, setKind] = useState(kinds[0].kind);
  const [chosen, setChosen] = useState("");
  const [to, setTo] = useState("");
  const [language, setLanguage] = useState("en");
  const [attempt, refusal] = useTrying();
  const names = useId();
  const form = kinds.find((one) => one.kind === kind) ?? kinds[0];
  const person = form.people.find((one) => one.id === chosen) ?? form.people[0];
  const make = () =>
    attempt(async () => {
      await onMake({ kind: form.kind, person: person.id, to, language });
      setTo("");
    });
  return (
    <>
      <form
        className="flex flex-wrap gap-4 items-end mt-3"
        onSubmit={(event) => {
          event.preventDefault();
          make();
        }}
      >
        <label className="flex flex-col gap-0.5">
          <span className="soft small">{t("formsOut.which")}</span>
          <select className="select w-48" value={form.kind} onChange={(event) => setKind(event.target.value)}>
            {kinds.map((one) => (
              <option key={one.kind} value={one.kind}>
                {one.title}
              </option>
            ))}
          </select>
        </label>
        {person ? (
          <>
            <label className="flex flex-col gap-0.5">
              <span className="soft small">{t("formsOut.whom")}</span>
              <select
                className="select w-52"
                value={person.id}
                onChange={(event) => setChosen(event.target.value)}
              >
                {form.people.map((one) => (
                  <option key={one.id} value={one.id}>
                    {one.name}
                  </option>
                ))}
              </select>
            </label>
            <label className="flex flex-col gap-0.5">
              <span className="soft small">{t("formsOut.to")}</span>
              <input
                className="input case w-52"
                list={names}
                value={to}
                onChange={(event) => setTo(event.target.value)}
              />
              <datalist id={names}>
                {form.named?.map((one) => (
                  <option key={one} value={one} />
                ))}
              </datalist>
            </label>
            <label className="flex flex-col gap-0.5">
              <span className="soft small">{t("formsOut.language")}</span>
              <select
                className="select w-36"
                value={language}
                onChange={(event) => setLanguage(event.target.value)}
              >
                {LANGUAGES.map((one) => (
                  <option key={one} value={one}>
                    {spoken(one, "language")}
                  </option>
                ))}
              </select>
            </label>
            <button type="submit" className="btn btn-sm" disabled={!to.trim()}>
              {t("formsOut.make")}
            </button>
          </>
        ) : (
          <p className="soft">{nobody}</p>
        )}
      </form>
      <p role="alert" className="wrong mt-1">
        {refusal}
      </p>
    </>
  );
}
