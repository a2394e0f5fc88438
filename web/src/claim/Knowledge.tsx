import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done, type Schemas } from "../api/client";
import { useTrying } from "../parts/useTrying";

interface Props {
  number: string;
  person: string;
  name: string;
  onChanged: () => void;
}

/** Asks somebody on the phone which of some employers reports a wage for them, and keeps whether they knew. */
export function Knowledge({ number, person, name, onChanged }: Props) {
  const { t } = useTranslation();
  const [question, setQuestion] = useState<Schemas["KnowledgeQuestion"]>();
  const [passed, setPassed] = useState<boolean>();
  const [attempt, refusal] = useTrying();
  const path = { number, person };
  const ask = () =>
    attempt(async () => {
      setPassed(undefined);
      setQuestion(await done(api.POST("/api/claims/{number}/knowledge/{person}", { params: { path } })));
    });
  const said = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const choice = String(new FormData(event.currentTarget).get("choice") ?? "");
    attempt(async () => {
      const found = await done(
        api.POST("/api/claims/{number}/knowledge/{person}/said", {
          params: { path },
          body: { question: question?.id ?? "", choice: choice || undefined },
        }),
      );
      setQuestion(undefined);
      setPassed(found.passed);
      onChanged();
    });
  };
  return (
    <>
      {!question && (
        <button
          type="button"
          className="plain-link small ml-3"
          aria-label={t("knowledge.askOf", { name })}
          onClick={ask}
        >
          {t("knowledge.ask")}
        </button>
      )}
      {passed !== undefined && (
        <strong role="status" className={passed ? "ml-3" : "wrong ml-3"}>
          {t(passed ? "knowledge.knew" : "knowledge.didNot")}
        </strong>
      )}
      {question && (
        <form onSubmit={said} className="mt-1">
          <fieldset className="flex flex-wrap gap-x-5 items-center">
            <legend className="small">{t("knowledge.question")}</legend>
            {[...question.choices, ""].map((choice) => (
              <label key={choice} className="inline-flex items-center gap-2 min-h-8">
                <input type="radio" className="radio radio-sm" name="choice" value={choice} required />
                {choice || t("knowledge.unsaid")}
              </label>
            ))}
            <button type="submit" className="btn btn-sm btn-primary">
              {t("knowledge.note")}
            </button>
          </fieldset>
        </form>
      )}
      {refusal && (
        <span role="alert" className="wrong small block">
          {refusal}
        </span>
      )}
    </>
  );
}
