import type { FormEvent } from "react";
import { useTranslation } from "react-i18next";
import { api, type ClaimView, done } from "../api/client";
import { useTrying } from "../parts/useTrying";

interface Props {
  claim: ClaimView;
  /** What is to be answered: a wish to hurry, or the day it reached us. */
  what: "hurry" | "reached";
  onChanged: () => void;
}

/** Answers what was put to the office about the claim itself, with a reason. */
export function Judged({ claim, what, onChanged }: Props) {
  const { t } = useTranslation();
  const [attempt, refusal] = useTrying();
  const answer = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const asked = (event.nativeEvent as SubmitEvent).submitter as HTMLButtonElement;
    const body = {
      version: claim.version,
      yes: asked.value === "yes",
      because: String(new FormData(event.currentTarget).get("because")),
    };
    const path = { params: { path: { number: claim.number } }, body };
    attempt(async () => {
      await done(
        what === "hurry"
          ? api.POST("/api/claims/{number}/wish/answer", path)
          : api.POST("/api/claims/{number}/reached/answer", path),
      );
      onChanged();
    });
  };
  return (
    <form onSubmit={answer} className="flex flex-wrap gap-3 items-end mt-2">
      <label className="flex flex-col small">
        {t("pressing.because")}
        <input name="because" className="input input-sm w-72" required={what === "hurry"} />
      </label>
      <button type="submit" name="answer" value="yes" className="btn btn-sm">
        {t(what === "hurry" ? "pressing.yes" : "pressing.agree")}
      </button>
      <button type="submit" name="answer" value="no" className="btn btn-sm">
        {t(what === "hurry" ? "pressing.no" : "pressing.disagree")}
      </button>
      <p role="alert" className="wrong small">
        {refusal}
      </p>
    </form>
  );
}
