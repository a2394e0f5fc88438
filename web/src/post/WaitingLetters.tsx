import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { WaitingLetter } from "./WaitingLetter";

interface Props {
  letters: Schemas["ToGo"][];
  /** Those that stay here for now, by their ids. */
  left: string[];
  onLeft: (left: string[]) => void;
  onHandedOver: (now: Schemas["PostView"], name: string) => void;
  attempt: (work: () => Promise<unknown>) => Promise<void>;
}

/** What is particular about a letter: why it does not go, or how it goes where it is not the post. */
function note(letter: Schemas["ToGo"]) {
  if (letter.died) return "post.died";
  if (letter.held) return "post.held";
  return letter.way === "DOOR" ? "post.toDoor" : undefined;
}

/** The letters that wait: all go together but those that are taken out, handed over, or held back. */
export function WaitingLetters({ letters, left, onLeft, onHandedOver, attempt }: Props) {
  const { t } = useTranslation();
  return (
    <section className="mb-6 max-w-[75rem]" aria-label={t("post.waiting")}>
      <h2 className="head">{t("post.waiting")}</h2>
      {letters.length === 0 && <p className="soft py-2">{t("post.nothing")}</p>}
      <ul>
        {letters.map((letter) => (
          <WaitingLetter
            key={letter.id}
            letter={letter}
            note={note(letter)}
            warns={letter.held}
            choice={
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
            }
            onHandedOver={onHandedOver}
            attempt={attempt}
          />
        ))}
      </ul>
    </section>
  );
}
