import { Fragment } from "react";
import { useTranslation } from "react-i18next";
import type { ResultView } from "../api/client";

type CheckView = ResultView["tests"][number];

/** Whether a check only waits for facts that nobody has been asked yet. */
export function isToAsk(test: CheckView): boolean {
  return test.outcome === "unknown" && test.missing.length > 0;
}

interface Props {
  tests: CheckView[];
  onGoTo?: (pointer: string) => void;
}

/** What is still to ask, in one line, each with the way to its place. */
export function StillToAsk({ tests, onGoTo }: Props) {
  const { t } = useTranslation();
  const missing = tests.filter(isToAsk).flatMap((test) => test.missing);
  const once = missing.filter((one, i) => missing.findIndex((other) => other.words === one.words) === i);
  if (once.length === 0) return null;
  return (
    <p className="border-t border-base-300 py-1.5 leading-snug">
      <span className="soft">{t("margin.stillToAsk")}</span>{" "}
      {once.map((one, i) => (
        <Fragment key={one.words}>
          {i > 0 && ", "}
          {onGoTo ? (
            <button type="button" className="plain-link text-left" onClick={() => onGoTo(one.subject)}>
              {plain(one.words)}
            </button>
          ) : (
            plain(one.words)
          )}
        </Fragment>
      ))}
    </p>
  );
}

/** A question without the marks around it. */
function plain(words: string): string {
  return words.replace(/[“”]/g, "");
}
