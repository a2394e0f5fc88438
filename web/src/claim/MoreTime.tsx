import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, type ClaimView, done, type Schemas } from "../api/client";
import { readDate } from "../draft/typing";
import { DayPlace } from "../parts/DayPlace";
import { useTrying } from "../parts/useTrying";

interface Props {
  claim: ClaimView;
  item: Schemas["Item"];
  today: string;
  onChanged: () => void;
}

/** More time for something that is wanted of others, when they ask for it. */
export function MoreTime({ claim, item, today, onChanged }: Props) {
  const { t } = useTranslation();
  const [open, setOpen] = useState(false);
  const [unread, setUnread] = useState(false);
  const [attempt, refusal] = useTrying();
  const give = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    const until = readDate(String(form.get("until")), today, true);
    setUnread(!until);
    if (!until) return;
    attempt(async () => {
      await done(
        api.POST("/api/claims/{number}/items/{item}/more-time", {
          params: { path: { number: claim.number, item: item.id } },
          body: { version: claim.version, until, because: String(form.get("because")) },
        }),
      );
      setOpen(false);
      onChanged();
    });
  };
  if (!open) {
    return (
      <button
        type="button"
        className="plain-link small"
        aria-label={t("moreTime.of", { what: item.words })}
        onClick={() => setOpen(true)}
      >
        {t("moreTime.title")}
      </button>
    );
  }
  return (
    <form onSubmit={give} className="flex flex-wrap gap-3 items-end mt-1 mb-2">
      <label className="flex flex-col small">
        {t("moreTime.until")}
        <DayPlace today={today}>
          <input name="until" className="input input-sm case w-32" placeholder="11 12 26" required />
        </DayPlace>
      </label>
      <label className="flex flex-col small">
        {t("moreTime.because")}
        <input name="because" className="input input-sm w-72 max-w-full" required />
      </label>
      <button type="submit" className="btn btn-sm btn-primary">
        {t("moreTime.give")}
      </button>
      <p role="alert" className="wrong small">
        {unread ? t("app.unread", { expected: "11 12 26" }) : refusal}
      </p>
    </form>
  );
}
