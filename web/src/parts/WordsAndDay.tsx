import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { readDate } from "../draft/typing";
import { DayPlace } from "./DayPlace";
import { useTrying } from "./useTrying";

interface Props {
  words: string;
  day: string;
  button: string;
  today: string;
  send: (words: string, day: string) => Promise<unknown>;
}

/** A few words, and a day that is still to come. */
export function WordsAndDay({ words, day, button, today, send }: Props) {
  const { t } = useTranslation();
  const [attempt, refusal] = useTrying();
  const [unread, setUnread] = useState("");
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = event.currentTarget;
    const typed = new FormData(form);
    const on = readDate(String(typed.get("day")), today, true);
    setUnread(on ? "" : t("app.unread", { expected: "4 12 26" }));
    if (on) {
      attempt(async () => {
        await send(String(typed.get("words")), on);
        form.reset();
      });
    }
  };
  return (
    <form className="flex flex-wrap gap-3 items-end" onSubmit={submit}>
      <label className="flex flex-col small">
        {words}
        <input name="words" className="input input-sm case w-96 max-w-full" required maxLength={400} />
      </label>
      <label className="flex flex-col small">
        {day}
        <DayPlace today={today}>
          <input name="day" className="input input-sm case w-32" required />
        </DayPlace>
      </label>
      <button type="submit" className="btn btn-sm">
        {button}
      </button>
      {(unread || refusal) && (
        <p role="alert" className="wrong w-full">
          {unread || refusal}
        </p>
      )}
    </form>
  );
}
