import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { shortDay } from "../parts/format";

/** A letter with its day and what became of it: it waits, has gone out, came back, or never goes. */
export function LetterLine({ letter }: { letter: Schemas["ListedLetter"] }) {
  const { t } = useTranslation();
  const fate = () => {
    if (letter.takenBackAt) return t("post.fate.takenBack");
    if (letter.cameBackAt) return t("post.fate.cameBack", { day: shortDay(letter.cameBackAt) });
    if (letter.readAt) return t("post.fate.read", { day: shortDay(letter.readAt) });
    if (letter.leftAt && letter.way !== "POST")
      return t(`post.fate.${letter.way === "DOOR" ? "toDoor" : "handed"}`, { day: shortDay(letter.leftAt) });
    if (letter.leftAt) return t("post.fate.left", { day: shortDay(letter.leftAt) });
    return t("post.fate.waits");
  };
  return (
    <p>
      <a className="plain-link" href={`/api/letters/${letter.id}`} target="_blank" rel="noreferrer">
        {t(`claim.letter.${letter.kind}`)}, {shortDay(letter.writtenOn)}
      </a>{" "}
      <span className="case soft">{letter.code}</span>{" "}
      <span className={letter.cameBackAt ? "wrong small" : "soft small"}>{fate()}</span>
    </p>
  );
}
