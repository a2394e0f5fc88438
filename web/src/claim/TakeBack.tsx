import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, type ClaimView, done } from "../api/client";
import { useSession } from "../api/session";
import { useTrying } from "../parts/useTrying";

interface Props {
  claim: ClaimView;
  onChanged: () => void;
}

/** A decision whose letter still waits can be taken back, with a reason; the claim is open again. */
export function TakeBack({ claim, onChanged }: Props) {
  const { t } = useTranslation();
  const [attempt, refusal] = useTrying();
  const [asking, setAsking] = useState(false);
  const session = useSession();
  const isTheirs = session?.name === claim.holder || session?.role === "senior caseworker";
  const back = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const because = String(new FormData(event.currentTarget).get("because"));
    attempt(async () => {
      await done(
        api.POST("/api/claims/{number}/decision-taken-back", {
          params: { path: { number: claim.number } },
          body: { version: claim.version, because },
        }),
      );
      onChanged();
    });
  };
  if (!isTheirs) return null;
  return (
    <div className="my-3">
      <p className="small soft">{t("post.letterWaits")}</p>
      {asking ? (
        <form onSubmit={back} className="flex flex-col gap-2 mt-1">
          <label className="flex flex-col gap-0.5">
            <span className="soft small">{t("post.takeBackBecause")}</span>
            {/* biome-ignore lint/a11y/noAutofocus: it is what was just asked for. */}
            <input name="because" autoFocus className="input input-sm w-full" autoComplete="off" />
          </label>
          <button type="submit" className="btn btn-sm self-start">
            {t("post.takeBackNow")}
          </button>
        </form>
      ) : (
        <button type="button" className="btn btn-sm mt-1" onClick={() => setAsking(true)}>
          {t("post.takeBack")}
        </button>
      )}
      {refusal && (
        <p role="alert" className="wrong">
          {refusal}
        </p>
      )}
    </div>
  );
}
