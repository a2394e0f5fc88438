import { Link } from "@tanstack/react-router";
import type { ReactNode } from "react";
import { useTranslation } from "react-i18next";
import { api, done, type Schemas } from "../api/client";
import { shortDay } from "../parts/format";

interface Props {
  letter: Schemas["ToGo"];
  /** The words that say what is particular about it; none where nothing is. */
  note?: string;
  /** Whether the note is a warning. */
  warns?: boolean;
  /** Before the letter, to choose it. */
  choice?: ReactNode;
  onHandedOver: (now: Schemas["PostView"], name: string) => void;
  attempt: (work: () => Promise<unknown>) => Promise<void>;
}

/** A letter that is not with whom it is for yet: which, about what, since when; it can be handed over. */
export function WaitingLetter({ letter, note, warns = true, choice, onHandedOver, attempt }: Props) {
  const { t } = useTranslation();
  const handOver = () =>
    attempt(async () =>
      onHandedOver(
        await done(api.POST("/api/post/letters/{id}/handed-over", { params: { path: { id: letter.id } } })),
        letter.to,
      ),
    );
  const what = (
    <span>
      {t(`claim.letter.${letter.kind}`)}, <span className="case">{letter.to}</span>
      {note && <span className={`${warns ? "wrong" : "soft"} small block`}>{t(note)}</span>}
    </span>
  );
  return (
    <li className="far grid grid-cols-[minmax(0,1fr)_12rem_9rem_auto] gap-4 items-center stacks border-b border-base-300 py-1">
      {choice ? (
        <label className="inline-flex items-center gap-3 min-h-8">
          {choice}
          {what}
        </label>
      ) : (
        what
      )}
      <span className="case soft">
        {letter.claim ? (
          <Link to="/claims/$number" params={{ number: letter.claim }} className="plain-link">
            {letter.about}
          </Link>
        ) : (
          letter.about
        )}
      </span>
      <span className="soft small">{t("post.written", { day: shortDay(letter.writtenOn) })}</span>
      <button
        type="button"
        className="btn btn-sm"
        aria-label={t("post.handOverOf", { what: t(`claim.letter.${letter.kind}`), name: letter.to })}
        onClick={handOver}
      >
        {t("post.handOver")}
      </button>
    </li>
  );
}
