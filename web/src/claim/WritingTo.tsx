import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, type ClaimView, done } from "../api/client";
import said from "../i18n/said.json";
import { useTrying } from "../parts/useTrying";

/** Sentences that the household reads in its own language, by their words. */
const PHRASES = Object.entries(said)
  .filter(([key]) => key.startsWith("word.phrase."))
  .map(([key, says]) => ({ word: key.slice("word.phrase.".length), says }));

interface Props {
  claim: ClaimView;
  onChanged: () => void;
}

/** Writes to the household: a sentence that is there in its language, or one's own words, which stay as they are. */
export function WritingTo({ claim, onChanged }: Props) {
  const { t } = useTranslation();
  const [attempt, refusal] = useTrying();
  const [phrase, setPhrase] = useState("");
  const write = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = event.currentTarget;
    const text = String(new FormData(form).get("text") ?? "");
    attempt(async () => {
      await done(
        api.POST("/api/claims/{number}/messages", {
          params: { path: { number: claim.number } },
          body: phrase ? { phrase } : { text },
        }),
      );
      form.reset();
      setPhrase("");
      onChanged();
    });
  };
  return (
    <form onSubmit={write} className="flex flex-wrap gap-3 items-end mt-2">
      <label className="flex flex-col small">
        {t("writing.say")}
        <select
          className="select select-sm w-72"
          value={phrase}
          onChange={(event) => setPhrase(event.target.value)}
        >
          <option value="">{t("writing.freely")}</option>
          {PHRASES.map((one) => (
            <option key={one.word} value={one.word}>
              {one.says}
            </option>
          ))}
        </select>
      </label>
      {!phrase && (
        <label className="flex flex-col small flex-1 min-w-64">
          {t("writing.text")}
          <input name="text" className="input input-sm w-full" maxLength={2000} required autoComplete="off" />
        </label>
      )}
      <button type="submit" className="btn btn-sm">
        {t("writing.send")}
      </button>
      <p role="alert" className="wrong small">
        {refusal}
      </p>
    </form>
  );
}
