import { Link } from "@tanstack/react-router";
import { useTranslation } from "react-i18next";
import { api, done, type Schemas } from "../api/client";
import { shortDay } from "../parts/format";

interface Props {
  letters: Schemas["ToGo"][];
  /** Those that stay here for now, by their ids. */
  left: string[];
  onLeft: (left: string[]) => void;
  onHandedOver: (now: Schemas["PostView"], name: string) => void;
  attempt: (work: () => Promise<unknown>) => Promise<void>;
}

/** The letters that wait: all go with the next run but those that are taken out, handed over, or held back. */
export function WaitingLetters({ letters, left, onLeft, onHandedOver, attempt }: Props) {
  const { t } = useTranslation();
  const handOver = (letter: Schemas["ToGo"]) =>
    attempt(async () =>
      onHandedOver(
        await done(api.POST("/api/post/letters/{id}/handed-over", { params: { path: { id: letter.id } } })),
        letter.to,
      ),
    );
  return (
    <section className="mb-6 max-w-[75rem]" aria-label={t("post.waiting")}>
      <h2 className="head">{t("post.waiting")}</h2>
      {letters.length === 0 && <p className="soft py-2">{t("post.nothing")}</p>}
      <ul>
        {letters.map((letter) => (
          <li
            key={letter.id}
            className="far grid grid-cols-[minmax(0,1fr)_12rem_9rem_auto] gap-4 items-center stacks border-b border-base-300 py-1"
          >
            <label className="inline-flex items-center gap-3 min-h-8">
              <input
                type="checkbox"
                className="checkbox checkbox-sm"
                disabled={letter.held}
                checked={!letter.held && !left.includes(letter.id)}
                onChange={(event) =>
                  onLeft(
                    event.target.checked ? left.filter((one) => one !== letter.id) : [...left, letter.id],
                  )
                }
              />
              <span>
                {t(`claim.letter.${letter.kind}`)}, <span className="case">{letter.to}</span>
                {letter.held && (
                  <span className="wrong small block">{t(letter.died ? "post.died" : "post.held")}</span>
                )}
              </span>
            </label>
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
              aria-label={t("post.handOverOf", {
                what: t(`claim.letter.${letter.kind}`),
                name: letter.to,
              })}
              onClick={() => handOver(letter)}
            >
              {t("post.handOver")}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
