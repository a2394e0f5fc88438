import { useTranslation } from "react-i18next";
import { goOn } from "../draft/Field";

interface Props {
  name: string;
  /** The statement in the language it is read out in. */
  words: string;
  /** The same at the desk. */
  here: string;
  language: string;
  answer?: boolean;
  onAnswer: (yes: boolean) => void;
}

/** A statement that is read out, and what was answered to it. */
export function ReadOut({ name, words, here, language, answer, onAnswer }: Props) {
  const { t } = useTranslation();
  return (
    <fieldset className="flex items-start gap-4 min-h-9 border-b border-base-300 py-1">
      <legend className="sr-only">{words}</legend>
      <span className="flex-1">
        <span lang={language} dir="auto" className="case">
          {words}
        </span>
        {words !== here && <span className="soft small block">{here}</span>}
      </span>
      {[true, false].map((yes) => (
        <label key={String(yes)} className="inline-flex items-center gap-2">
          <input
            type="radio"
            className="radio radio-sm"
            name={name}
            checked={answer === yes}
            onKeyDown={goOn}
            onChange={() => onAnswer(yes)}
          />
          {t(yes ? "app.yes" : "app.no")}
        </label>
      ))}
    </fieldset>
  );
}
