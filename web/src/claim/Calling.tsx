import { useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, type ClaimView, done } from "../api/client";
import { readDate } from "../draft/typing";
import { DayPlace } from "../parts/DayPlace";
import { useTrying } from "../parts/useTrying";

const KINDS = ["REACHED", "NOT_REACHED", "THEY_CALLED"] as const;

interface Props {
  claim: ClaimView;
  /** Who is called, by their name. */
  who: string;
  today: string;
  onChanged: () => void;
}

/** A call with somebody: how it went, what was said, and when to call again. */
export function Calling({ claim, who, today, onChanged }: Props) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const [attempt, refusal] = useTrying();
  const [unread, setUnread] = useState("");
  const [noting, setNoting] = useState(false);
  const note = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const typed = new FormData(event.currentTarget);
    const back = String(typed.get("back")).trim();
    const backOn = back ? readDate(back, today, true) : undefined;
    setUnread(back && !backOn ? t("call.notADay") : "");
    if (back && !backOn) return;
    attempt(async () => {
      await done(
        api.POST("/api/claims/{number}/calls", {
          params: { path: { number: claim.number } },
          body: {
            who,
            kind: String(typed.get("kind")) as (typeof KINDS)[number],
            told: String(typed.get("told")),
            backOn,
          },
        }),
      );
      await queries.invalidateQueries({ queryKey: ["reminders"] });
      setNoting(false);
      onChanged();
    });
  };
  if (!noting) {
    return (
      <button
        type="button"
        className="plain-link small ml-3"
        aria-label={t("call.noteOf", { name: who })}
        onClick={() => setNoting(true)}
      >
        {t("call.note")}
      </button>
    );
  }
  return (
    <form onSubmit={note} className="flex flex-wrap gap-3 items-end my-1">
      <label className="flex flex-col small">
        {t("call.how")}
        {/* biome-ignore lint/a11y/noAutofocus: it is what was just asked for. */}
        <select name="kind" autoFocus className="select select-sm w-44">
          {KINDS.map((kind) => (
            <option key={kind} value={kind}>
              {t(`call.kind.${kind}`)}
            </option>
          ))}
        </select>
      </label>
      <label className="flex flex-col small flex-1 min-w-60">
        {t("call.told")}
        <input name="told" className="input input-sm w-full" autoComplete="off" maxLength={400} />
      </label>
      <label className="flex flex-col small">
        {t("call.back")}
        <DayPlace today={today}>
          <input name="back" className="input input-sm case w-32" autoComplete="off" />
        </DayPlace>
      </label>
      <button type="submit" className="btn btn-sm btn-primary">
        {t("call.save")}
      </button>
      {(unread || refusal) && (
        <p role="alert" className="wrong w-full">
          {unread || refusal}
        </p>
      )}
    </form>
  );
}
