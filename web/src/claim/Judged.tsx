import type { FormEvent } from "react";
import { useTranslation } from "react-i18next";
import { api, type ClaimView, done } from "../api/client";
import { useTrying } from "../parts/useTrying";

/** What came up and is settled by saying how. */
export const SETTLED = ["acting", "wrote", "notTheirs", "unreached", "missed", "alike"] as const;
type Settled = (typeof SETTLED)[number];

interface Props {
  claim: ClaimView;
  /** What is to be answered: a wish to hurry, the day it reached us, who acts, or something that came up and is settled. */
  what: "hurry" | "reached" | "acts" | Settled;
  item: number;
  onChanged: () => void;
}

/** Answers what was put to the office about the claim itself, with a reason. */
export function Judged({ claim, what, item, onChanged }: Props) {
  const { t } = useTranslation();
  const [attempt, refusal] = useTrying();
  const isSettled = SETTLED.some((one) => one === what);
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
        isSettled
          ? api.POST("/api/claims/{number}/items/{item}/settled", {
              params: { path: { number: claim.number, item } },
              body: { version: claim.version, because: body.because },
            })
          : what === "acts"
            ? api.POST("/api/claims/{number}/items/{item}/acts", {
                params: { path: { number: claim.number, item } },
                body,
              })
            : what === "hurry"
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
        <input name="because" className="input input-sm w-72" required={what !== "reached"} />
      </label>
      <button type="submit" name="answer" value="yes" className="btn btn-sm">
        {t(`pressing.yes.${what}`)}
      </button>
      {!isSettled && (
        <button type="submit" name="answer" value="no" className="btn btn-sm">
          {t(`pressing.no.${what}`)}
        </button>
      )}
      <p role="alert" className="wrong small">
        {refusal}
      </p>
    </form>
  );
}
