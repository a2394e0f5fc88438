import { useTranslation } from "react-i18next";
import type { ClaimView, Schemas } from "../api/client";
import { Awards } from "../parts/Margin";
import { LetterShown } from "./LetterShown";
import { OtherChecks } from "./OtherChecks";
import { decisionLetter, useLetterShown } from "./useLetterShown";

interface Props {
  claim: ClaimView;
  tried: Schemas["Tried"];
  trying: Schemas["Trying"];
}

/** What the claim would come to with another value, and the letter that would bring; nothing of it is kept. */
export function TriedOut({ claim, tried, trying }: Props) {
  const { t } = useTranslation();
  const { letter, refusal, show, close } = useLetterShown();
  const { before, after } = tried;
  const title = t("tried.letterTitle", { name: claim.householdName });
  return (
    <section aria-label={t("tried.title")} className="bg-base-200 px-4 py-3 mt-2 max-w-3xl">
      <h3 className="head">
        <span>{t("tried.title")}</span>
        <span>{t("tried.kept")}</span>
      </h3>
      <p className="case text-lg font-semibold">{t(`margin.${after.outcome}`)}</p>
      <Awards awards={after.awards} />
      <p className="soft small">
        {t("tried.now", { outcome: [t(`margin.${before.outcome}`), ...before.awards].join("; ") })}
      </p>
      <OtherChecks checks={tried.checks} />
      {tried.checks.length === 0 && <p>{t("tried.none")}</p>}
      {after.outcome !== "unknown" && (
        <button
          type="button"
          className="btn btn-sm btn-outline mt-2"
          onClick={() => show(decisionLetter(claim.number, { grant: after.outcome === "entitled", trying }))}
        >
          {t("tried.letter")}
        </button>
      )}
      <p role="alert" className="wrong">
        {refusal}
      </p>
      {letter && <LetterShown title={title} letter={letter} onClose={close} />}
    </section>
  );
}
