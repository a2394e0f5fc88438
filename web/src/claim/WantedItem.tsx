import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done, type Schemas } from "../api/client";
import { spoken } from "../i18n/words";
import { shortDay } from "../parts/format";
import { TurnMark } from "../parts/TurnMark";

interface Props {
  item: Schemas["Item"];
  number: string;
  version: number;
  onChanged: () => void;
}

/** Something still wanted; a fact with a place of its own can be set here, with where it comes from. */
export function WantedItem({ item, number, version, onChanged }: Props) {
  const { t } = useTranslation();
  const [open, setOpen] = useState(false);
  const [refusal, setRefusal] = useState("");
  const settable = item.kind === "fact" && item.subject.startsWith("/") && !item.subject.endsWith("people");

  const save = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    const text = String(form.get("value")).trim();
    const value = /^-?\d+([.,]\d+)?$/.test(text) ? Number(text.replace(",", ".")) : text;
    try {
      await done(
        api.POST("/api/claims/{number}/answers", {
          params: { path: { number } },
          body: { version, pointer: item.subject, value: value as never, reason: String(form.get("reason")) },
        }),
      );
      setOpen(false);
      onChanged();
    } catch (problem) {
      setRefusal((problem as Error).message);
    }
  };

  return (
    <li className="border-b border-base-300 py-1.5">
      <div className="flex justify-between gap-4">
        <p>
          <TurnMark turn={item.owner} /> {item.words}{" "}
          <span className="soft">
            ({said(item.subject)}
            {item.dueOn ? `, ${shortDay(item.dueOn)}` : ""})
          </span>
        </p>
        {settable && !open && (
          <button type="button" className="plain-link whitespace-nowrap" onClick={() => setOpen(true)}>
            {t("claim.answer")}
          </button>
        )}
      </div>
      {open && (
        <form onSubmit={save} className="flex gap-3 items-end mt-2">
          <label className="flex flex-col small">
            {t("claim.answerValue")}
            <input name="value" className="input input-sm case w-36" required />
          </label>
          <label className="flex flex-col small">
            {t("claim.answerReason")}
            <input name="reason" className="input input-sm w-72" required />
          </label>
          <button type="submit" className="btn btn-sm btn-primary">
            {t("claim.answerSave")}
          </button>
          <p role="alert" className="wrong small">
            {refusal}
          </p>
        </form>
      )}
    </li>
  );
}

/** What is wanted, by the last word of its place, or the kind of paper. */
function said(subject: string): string {
  const last = subject.slice(subject.lastIndexOf("/") + 1);
  return spoken(last.split(":")[0]);
}
