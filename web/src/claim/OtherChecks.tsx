import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";

/** The checks that come out otherwise, each with how it did before. */
export function OtherChecks({ checks }: { checks: Schemas["TriedCheck"][] }) {
  const { t } = useTranslation();
  const outcome = (word: string | undefined) => (word ? t(`margin.outcome.${word}`) : t("tried.notMade"));
  return (
    <ul className="mt-2">
      {checks.map((check) => (
        <li key={check.id} className="border-t border-base-300 py-1.5">
          {check.label}:{" "}
          {check.before !== check.after && (
            <>
              <span className="soft">{outcome(check.before)} →</span>{" "}
            </>
          )}
          <span className="font-semibold">{outcome(check.after)}</span>
          {check.because && <span className="block small">{check.because}</span>}
        </li>
      ))}
    </ul>
  );
}
