import { useState } from "react";
import { useTranslation } from "react-i18next";
import { api, type ClaimView, done, type Schemas } from "../api/client";
import { Decided } from "./Decided";
import { GivesLess } from "./GivesLess";
import { LetterLine } from "./LetterLine";
import { LetterShown } from "./LetterShown";
import { SecondSignature } from "./SecondSignature";
import { TakeAppeal } from "./TakeAppeal";
import { TakeBack } from "./TakeBack";
import { type Told, TooMuch } from "./TooMuch";
import { decisionLetter, useLetterShown } from "./useLetterShown";

interface Props {
  claim: ClaimView;
  working: Schemas["Working"];
  onChanged: () => void;
}

/** The decision: as computed, or otherwise with a senior's reason; the letter is read before it goes out. */
export function Decide({ claim, working, onChanged }: Props) {
  const { t } = useTranslation();
  const computed = working.result.outcome;
  const [otherwise, setOtherwise] = useState(false);
  const [reason, setReason] = useState("");
  const [told, setTold] = useState<Told>({ cause: "", because: "" });
  const { letter, refusal, show, close, refuse } = useLetterShown();
  const grant = (computed === "entitled") !== otherwise;
  const much = grant ? working.tooMuchIfGranted : working.tooMuchIfRefused;
  const decision = {
    grant,
    reason: reason || undefined,
    cause: much?.toAsk && told.cause ? { amount: much.toAsk, ...told } : undefined,
  };
  const what = t(grant ? "claim.grant" : "claim.refuse");

  if (working.decision) {
    const decided = working.decision;
    if (decided.waits) return <SecondSignature claim={claim} decision={decided} onChanged={onChanged} />;
    return (
      <section>
        <Decided decision={decided} />
        {decided.letterWaits && <TakeBack claim={claim} onChanged={onChanged} />}
        <TakeAppeal number={claim.number} until={decided.appealableUntil} />
        {working.letters.map((one) => (
          <LetterLine key={one.id} letter={one} />
        ))}
      </section>
    );
  }
  if (claim.state !== "open") return null;
  if (computed === "unknown") {
    return (
      <section>
        <h2 className="head">{t("claim.decision")}</h2>
        <p>{t("claim.cantDecide")}</p>
      </section>
    );
  }

  if (working.less && !working.less.over) {
    return <GivesLess claim={claim} less={working.less} onChanged={onChanged} />;
  }

  const decide = async () => {
    try {
      await done(
        api.POST("/api/claims/{number}/decision", {
          params: { path: { number: claim.number } },
          body: { version: claim.version, ...decision },
        }),
      );
      close();
      onChanged();
    } catch (problem) {
      close();
      refuse((problem as Error).message);
    }
  };

  return (
    <section>
      <h2 className="head">{t("claim.decision")}</h2>
      <p className="case text-lg">{t("claim.asComputed", { outcome: t(`margin.${computed}`) })}</p>
      <label className="flex items-center gap-2 my-2">
        <input
          type="checkbox"
          className="checkbox checkbox-sm"
          checked={otherwise}
          onChange={(event) => setOtherwise(event.target.checked)}
        />
        {t("claim.otherwise")}
      </label>
      {otherwise && (
        <label className="flex flex-col max-w-xl mb-2">
          {t("claim.reason")}
          <textarea
            className="textarea w-full"
            value={reason}
            onChange={(event) => setReason(event.target.value)}
          />
        </label>
      )}
      {much && <TooMuch much={much} told={told} onTold={setTold} />}
      <p role="alert" className="wrong">
        {refusal}
      </p>
      <button
        type="button"
        className="btn btn-primary mt-2"
        id="decide"
        onClick={() => show(decisionLetter(claim.number, decision))}
      >
        {what} — {t("claim.preview")}
      </button>
      {letter && (
        <LetterShown
          title={t("claim.letterTitle", { name: claim.householdName })}
          letter={letter}
          onClose={close}
          send={{ says: t("claim.send", { what, name: claim.householdName }), act: decide }}
        />
      )}
    </section>
  );
}
