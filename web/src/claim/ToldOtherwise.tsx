import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, type ClaimView, done, type QuestionView, type Schemas } from "../api/client";
import { useTrying } from "../parts/useTrying";
import { AnswerValue } from "./AnswerValue";
import { WhoSaid } from "./WhoSaid";

interface Props {
  claim: ClaimView;
  item: Schemas["Item"];
  question?: QuestionView;
  people: { id: string; name: string }[];
  today: string;
  onChanged: () => void;
}

/** The household says it otherwise now: in the place of what it said, with who told it and how. */
export function ToldOtherwise({ claim, item, question, people, today, onChanged }: Props) {
  const { t } = useTranslation();
  const [open, setOpen] = useState(false);
  const [attempt, refusal] = useTrying();
  const tell = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    attempt(async () => {
      await done(
        api.POST("/api/claims/{number}/items/{item}/put-right", {
          params: { path: { number: claim.number, item: item.id } },
          body: {
            version: claim.version,
            value: String(form.get("value")),
            told: String(form.get("told")),
          },
        }),
      );
      onChanged();
    });
  };
  if (!open) {
    return (
      <button
        type="button"
        className="plain-link small mr-4"
        aria-label={t("asking.otherwiseOf", { what: item.words })}
        onClick={() => setOpen(true)}
      >
        {t("asking.otherwise")}
      </button>
    );
  }
  return (
    <form onSubmit={tell} className="flex flex-wrap gap-3 items-end mt-1 mb-2">
      <AnswerValue label={t("asking.now")} question={question} people={people} today={today} />
      <WhoSaid name="told" note={t("asking.note")} refusal={refusal} />
    </form>
  );
}
