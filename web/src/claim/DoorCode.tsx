import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, type ClaimView, done } from "../api/client";
import { useTrying } from "../parts/useTrying";

/** A code for the household's door, into the hand of who stands here: once it is said how it was seen who they are. */
export function DoorCode({ claim, onChanged }: { claim: ClaimView; onChanged: () => void }) {
  const { t } = useTranslation();
  const [attempt, refusal] = useTrying();
  const [giving, setGiving] = useState(false);
  const [code, setCode] = useState("");
  const give = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const seen = String(new FormData(event.currentTarget).get("seen"));
    attempt(async () => {
      const given = await done(
        api.POST("/api/claims/{number}/door-code", {
          params: { path: { number: claim.number } },
          body: { seen },
        }),
      );
      setCode(given.code);
      setGiving(false);
      onChanged();
    });
  };
  if (giving) {
    return (
      <form onSubmit={give} className="flex flex-wrap gap-3 items-end my-1">
        <label className="flex flex-col small flex-1 max-w-120">
          {t("doorCode.seen")}
          {/* biome-ignore lint/a11y/noAutofocus: it is what was just asked for. */}
          <input name="seen" autoFocus className="input input-sm w-full" autoComplete="off" maxLength={200} />
        </label>
        <button type="submit" className="btn btn-sm btn-primary">
          {t("doorCode.give")}
        </button>
        {refusal && (
          <p role="alert" className="wrong w-full">
            {refusal}
          </p>
        )}
      </form>
    );
  }
  return (
    <p>
      {code && (
        <span role="status" className="mr-4">
          {t("doorCode.given")} <b className="case text-xl tracking-widest">{code}</b>{" "}
          <span className="soft small">{t("doorCode.holds")}</span>
        </span>
      )}
      <button type="button" className="plain-link small" onClick={() => setGiving(true)}>
        {t("doorCode.open")}
      </button>
    </p>
  );
}
