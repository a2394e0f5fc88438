import { useState } from "react";
import { useTranslation } from "react-i18next";
import { api, type ClaimView, done, type Schemas } from "../api/client";
import { Dialog } from "../parts/Dialog";
import { shortDay } from "../parts/format";
import { Decided } from "./Decided";
import { SecondSignature } from "./SecondSignature";

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
  const [refusal, setRefusal] = useState("");
  const [shown, setShown] = useState("");
  const grant = (computed === "entitled") !== otherwise;
  const what = t(grant ? "claim.grant" : "claim.refuse");

  if (working.decision) {
    const decision = working.decision;
    if (decision.waits) return <SecondSignature {...{ claim, decision, onChanged }} />;
    return (
      <section>
        <Decided decision={decision} />
        {working.letters.map((one) => (
          <p key={one.id}>
            <a className="plain-link" href={`/api/letters/${one.id}`} target="_blank" rel="noreferrer">
              {t(`claim.letter.${one.kind}`)}, {shortDay(one.writtenOn)}
            </a>
          </p>
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

  const decide = async () => {
    try {
      await done(
        api.POST("/api/claims/{number}/decision", {
          params: { path: { number: claim.number } },
          body: { version: claim.version, grant, reason: reason || undefined },
        }),
      );
      close();
      onChanged();
    } catch (problem) {
      close();
      setRefusal((problem as Error).message);
    }
  };

  /** The letter as it would go out, with the reason as it stands. */
  const preview = async () => {
    setRefusal("");
    try {
      const pdf = await done(
        api.POST("/api/claims/{number}/letter-preview", {
          params: { path: { number: claim.number } },
          body: { grant, reason: reason || undefined },
          parseAs: "blob",
        }),
      );
      setShown(URL.createObjectURL(pdf as unknown as Blob));
    } catch (problem) {
      setRefusal((problem as Error).message);
    }
  };
  const close = () => {
    URL.revokeObjectURL(shown);
    setShown("");
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
      <p role="alert" className="wrong">
        {refusal}
      </p>
      <button type="button" className="btn btn-primary mt-2" id="decide" onClick={preview}>
        {what} — {t("claim.preview")}
      </button>
      {shown && (
        <Dialog
          title={t("claim.letterTitle", { name: claim.householdName })}
          onClose={close}
          className="max-w-4xl h-[92vh]"
        >
          <iframe
            className="flex-1 border border-base-300 bg-white"
            title={t("claim.letterTitle", { name: claim.householdName })}
            src={`${shown}#toolbar=0`}
          />
          <div className="mt-3 flex justify-end gap-3">
            <button type="button" className="btn" onClick={close}>
              {t("claim.cancel")}
            </button>
            <button type="button" className="btn btn-primary" onClick={decide}>
              {t("claim.send", { what, name: claim.householdName })}
            </button>
          </div>
        </Dialog>
      )}
    </section>
  );
}
