import { useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done, type Schemas } from "../api/client";
import { addMonths } from "../draft/typing";
import type { DraftHandle } from "../draft/useDraft";
import { spoken } from "../i18n/words";
import { namesOf } from "../parts/called";
import { useTrying } from "../parts/useTrying";

/** For so many months somebody may be asked, unless the household says otherwise. */
const MONTHS = 12;

const RECEIVERS = ["registers", "employer", "lender", "landlord", "doctor", "school"];

/** Whom the household allows to be asked, each adult for themselves, with an end; and the registers asked first. */
export function Registers({ handle, id, today }: { handle: DraftHandle; id: string; today: string }) {
  const { t } = useTranslation();
  const [answers, setAnswers] = useState<Schemas["RegisterAnswer"][]>([]);
  const [attempt, refusal] = useTrying();
  const household = handle.draft.packet.household;
  const consents = household.consents ?? [];
  const adults = household.people.filter(
    (person) => person.role === "applicant" || handle.margin?.adults.includes(person.id),
  );
  const names = namesOf(household.people);
  const allowed = (to: string, person?: string) =>
    consents.some((consent) => consent.to === to && (!person || consent.person === person));
  const allow = (to: string, person: string, yes: boolean) =>
    handle.set(
      "/household/consents",
      yes
        ? [...consents, { person, to, on: today, until: addMonths(today, MONTHS) }]
        : consents.filter((consent) => consent.to !== to || consent.person !== person),
    );
  const ask = () =>
    attempt(async () => {
      await handle.settle();
      const asked = await done(api.POST("/api/applications/{id}/registers", { params: { path: { id } } }));
      setAnswers(asked.answers);
      handle.adopt(asked.view);
    });
  return (
    <div>
      <h2 className="head">
        <span>{t("registers.title")}</span>
        <span>{t("registers.months", { count: MONTHS })}</span>
      </h2>
      {adults.map((person) => (
        <fieldset key={person.id} className="flex flex-wrap gap-x-6 gap-y-1 items-center">
          <legend className={adults.length > 1 ? "case" : "sr-only"}>{names.get(person.id)}</legend>
          {RECEIVERS.map((to) => (
            <label key={to} className="inline-flex items-center gap-2 min-h-8">
              <input
                type="checkbox"
                className="checkbox checkbox-sm"
                checked={allowed(to, person.id)}
                onChange={(event) => allow(to, person.id, event.target.checked)}
              />
              {spoken(to, "consentTo")}
            </label>
          ))}
        </fieldset>
      ))}
      <p className="mt-2">
        <button type="button" data-flow className="btn btn-sm" disabled={!allowed("registers")} onClick={ask}>
          {t("registers.ask")}
        </button>{" "}
        <span className="small soft">{t("registers.hint")}</span>
      </p>
      <p role="alert" className="wrong">
        {refusal}
      </p>
      <div role="status">
        <ul className="mt-1">
          {answers.map((answer) => (
            <li key={answer.register} className="stacks stacks grid grid-cols-[10rem_1fr]">
              <span className="soft">{answer.register}</span>
              <span className={answer.state === "silent" ? "wrong" : ""}>{answer.words}</span>
            </li>
          ))}
        </ul>
      </div>
    </div>
  );
}
