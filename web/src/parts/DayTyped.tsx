import { useEffect, useState } from "react";
import { useTranslation } from "react-i18next";
import { dateWords, readDate } from "../draft/typing";
import { DayPlace } from "./DayPlace";

interface Props {
  label: string;
  day: string | undefined;
  today: string;
  onDay: (day: string | undefined) => void;
}

/** A day that may be typed; none is today. */
export function DayTyped({ label, day, today, onDay }: Props) {
  const { t } = useTranslation();
  const [text, setText] = useState("");
  const [unread, setUnread] = useState(false);
  // Back to now takes the typed day away, or leaving the field would bring it back.
  useEffect(() => {
    if (!day) setText("");
  }, [day]);
  const leave = () => {
    const read = text.trim() ? readDate(text, today) : undefined;
    setUnread(text.trim() !== "" && !read);
    if (read || !text.trim()) onDay(read);
  };
  return (
    <label className="flex flex-col small">
      {label}
      <DayPlace today={today}>
        <input
          className={`input input-sm case w-40 ${unread ? "input-error" : ""}`}
          aria-invalid={unread}
          placeholder={t("ledger.today")}
          value={text}
          onChange={(event) => setText(event.target.value)}
          onBlur={leave}
          onKeyDown={(event) => event.key === "Enter" && leave()}
        />
      </DayPlace>
      {unread && <span className="wrong">{t("app.unread", { expected: "24 11 26" })}</span>}
      {day && !unread && <span className="soft">{dateWords(day)}</span>}
    </label>
  );
}
