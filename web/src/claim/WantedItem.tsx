import { useQuery } from "@tanstack/react-query";
import { Link } from "@tanstack/react-router";
import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, type ClaimView, done, type Schemas } from "../api/client";
import { offersQuery } from "../api/offers";
import { namesOf } from "../parts/called";
import { shortDay } from "../parts/format";
import { TurnMark } from "../parts/TurnMark";
import { AnswerValue, questionAt, readAnswer } from "./AnswerValue";
import { AskToSign } from "./AskToSign";
import { Judged, SETTLED } from "./Judged";
import { LookedAt } from "./LookedAt";
import { MoreTime } from "./MoreTime";
import { peopleOf } from "./people";
import { RightAsItIs } from "./RightAsItIs";
import { ToldOtherwise } from "./ToldOtherwise";
import { WritingTo } from "./WritingTo";

interface Props {
  item: Schemas["Item"];
  claim: ClaimView;
  today: string;
  onChanged: () => void;
}

/** Something still wanted; a fact with a place of its own can be set here, with where it comes from. */
export function WantedItem({ item, claim, today, onChanged }: Props) {
  const { t } = useTranslation();
  const [open, setOpen] = useState(false);
  const [refusal, setRefusal] = useState("");
  const offers = useQuery(offersQuery());
  const questions = offers.data?.find((offer) => offer.service === claim.service)?.questions ?? [];
  const question = questionAt(questions, item.subject);
  const names = namesOf(peopleOf(claim));
  const people = [...names].map(([id, name]) => ({ id, name }));
  const settable =
    ["fact", "word", "judgement"].includes(item.kind) &&
    item.subject.startsWith("/") &&
    !item.subject.endsWith("people") &&
    !["group", "groups", "flagByPerson", "moneyByQuarter"].includes(question?.kind ?? "");

  const about = item.subject.split(":")[0];
  const judged = (["hurry", "reached", "acts", ...SETTLED] as const).find((one) => one === about);

  const signer =
    item.kind === "signature"
      ? peopleOf(claim).find((one) => `signature:${one.id}` === item.subject && one.role !== "applicant")
      : undefined;

  const save = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    const text = String(form.get("value")).trim();
    const value = readAnswer(text, question, today);
    if (value === undefined) {
      setRefusal(t("app.unread", { expected: expected(question?.kind) }));
      return;
    }
    try {
      await done(
        api.POST("/api/claims/{number}/answers", {
          params: { path: { number: claim.number } },
          body: {
            version: claim.version,
            pointer: item.subject,
            value: value as never,
            reason: String(form.get("reason")),
          },
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
      <div className="flex flex-wrap justify-between gap-x-4">
        <p>
          <TurnMark turn={item.owner} /> {item.words}{" "}
          {item.dueOn && <span className="soft">{t("claim.by", { day: shortDay(item.dueOn) })}</span>}
        </p>
        {settable && !open && (
          <button type="button" className="plain-link whitespace-nowrap" onClick={() => setOpen(true)}>
            {t("claim.answer")}
          </button>
        )}
      </div>
      {item.returned > 0 && <p className="soft small">{t("asking.returned", { count: item.returned })}</p>}
      {item.putRight && <LookedAt claim={claim} item={item} onChanged={onChanged} />}
      {item.inDoubt && item.owner === "household" && (
        <>
          <RightAsItIs claim={claim} item={item} onChanged={onChanged} />
          <ToldOtherwise {...{ claim, item, question, people, today, onChanged }} />
        </>
      )}
      {signer && <AskToSign {...{ claim, item, onChanged }} who={names.get(signer.id) ?? ""} />}
      {["household", "third"].includes(item.owner) && <MoreTime {...{ claim, item, today, onChanged }} />}
      {about === "died" && (
        <Link to="/households/$id" params={{ id: claim.household }} className="plain-link">
          {t("death.toHousehold")}
        </Link>
      )}
      {judged === "wrote" && <WritingTo claim={claim} onChanged={onChanged} />}
      {judged && <Judged claim={claim} what={judged} item={item.id} onChanged={onChanged} />}
      {open && (
        <form onSubmit={save} className="flex flex-wrap gap-3 items-end mt-2">
          <AnswerValue label={t("claim.answerValue")} question={question} people={people} today={today} />
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

/** What would be right, by the kind of answer. */
function expected(kind: string | undefined): string {
  if (kind === "date") return "30 11 26";
  if (kind === "month" || kind === "months") return "11 2026";
  return kind === "choices" ? "…" : "640.00";
}
