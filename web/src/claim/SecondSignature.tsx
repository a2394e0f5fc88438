import { useState } from "react";
import { useTranslation } from "react-i18next";
import { api, type ClaimView, done, type Schemas } from "../api/client";
import { useSession } from "../api/session";
import { useTrying } from "../parts/useTrying";
import { Decided } from "./Decided";

interface Props {
  claim: ClaimView;
  decision: Schemas["Decided"];
  onChanged: () => void;
}

/** A decision that stands once somebody else has signed: a senior signs it, or sends it back with a reason. */
export function SecondSignature({ claim, decision, onChanged }: Props) {
  const { t } = useTranslation();
  const session = useSession();
  const [attempt, refusal] = useTrying();
  const [because, setBecause] = useState("");
  const path = { params: { path: { number: claim.number } } };
  const sign = () =>
    attempt(async () => {
      await done(
        api.POST("/api/claims/{number}/second-signature", { ...path, body: { version: claim.version } }),
      );
      onChanged();
    });
  const back = () =>
    attempt(async () => {
      await done(
        api.POST("/api/claims/{number}/sent-back", { ...path, body: { version: claim.version, because } }),
      );
      onChanged();
    });
  return (
    <section>
      <Decided decision={decision} />
      <p className="my-2">{t("claim.waitsForSecond")}</p>
      {session?.role === "senior caseworker" && (
        <div className="flex flex-col gap-3 mt-3">
          <button type="button" className="btn btn-primary self-start" id="decide" onClick={sign}>
            {t("claim.sign", { name: claim.householdName })}
          </button>
          <label className="flex flex-col small">
            {t("claim.backBecause")}
            <input
              className="input input-sm w-full"
              value={because}
              onChange={(event) => setBecause(event.target.value)}
            />
          </label>
          <button type="button" className="btn btn-sm self-start" disabled={!because.trim()} onClick={back}>
            {t("claim.sendBack")}
          </button>
        </div>
      )}
      <p role="alert" className="wrong">
        {refusal}
      </p>
    </section>
  );
}
