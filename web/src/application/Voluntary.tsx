import { useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";
import { useTrying } from "../parts/useTrying";

const QUESTIONS = ["heardFrom", "origin", "gender"];

/** Questions nobody has to answer, asked once everything is lodged and kept apart from it without a name. */
export function Voluntary() {
  const { t } = useTranslation();
  const [answers, setAnswers] = useState<Record<string, string>>({});
  const [attempt, refusal] = useTrying();
  const [isDone, setDone] = useState(false);
  if (isDone) return <p className="soft">{t("voluntary.done")}</p>;
  return (
    <form
      className="flex flex-col gap-4 max-w-xl"
      onSubmit={(event) => {
        event.preventDefault();
        attempt(async () => {
          await done(api.POST("/api/voluntary-answers", { body: answers }));
          setDone(true);
        });
      }}
    >
      <p>{t("voluntary.why")}</p>
      {QUESTIONS.map((question) => (
        <label key={question} className="flex flex-col gap-0.5">
          <span>{t(`voluntary.${question}`)}</span>
          <input
            className="input case w-80"
            maxLength={80}
            value={answers[question] ?? ""}
            placeholder={t("voluntary.declined")}
            onChange={(event) => setAnswers({ ...answers, [question]: event.target.value })}
          />
        </label>
      ))}
      {refusal && (
        <p role="alert" className="wrong">
          {refusal}
        </p>
      )}
      <p className="flex gap-3">
        <button type="submit" className="btn btn-sm">
          {t("voluntary.keep")}
        </button>
        <button type="button" className="btn btn-sm" onClick={() => setDone(true)}>
          {t("voluntary.declineAll")}
        </button>
      </p>
    </form>
  );
}
