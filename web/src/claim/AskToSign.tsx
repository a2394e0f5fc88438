import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, type ClaimView, done, type Schemas } from "../api/client";
import { useTrying } from "../parts/useTrying";

interface Props {
  claim: ClaimView;
  item: Schemas["Item"];
  who: string;
  onChanged: () => void;
}

const toTyping = (field: HTMLInputElement | null) => field?.focus();

/** Somebody who did not apply is asked to sign at the door, at a contact of their own. */
export function AskToSign({ claim, item, who, onChanged }: Props) {
  const { t } = useTranslation();
  const [open, setOpen] = useState(false);
  const [attempt, refusal] = useTrying();
  const ask = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const contact = String(new FormData(event.currentTarget).get("contact"));
    attempt(async () => {
      await done(
        api.POST("/api/claims/{number}/items/{item}/signer", {
          params: { path: { number: claim.number, item: item.id } },
          body: { version: claim.version, contact },
        }),
      );
      setOpen(false);
      onChanged();
    });
  };
  if (!open) {
    return (
      <button type="button" className="plain-link small mr-4" onClick={() => setOpen(true)}>
        {t("claim.askToSign", { who })}
      </button>
    );
  }
  return (
    <form onSubmit={ask} className="flex flex-wrap gap-3 items-end mt-1 mb-2">
      <label className="flex flex-col small">
        {t("claim.signerContact", { who })}
        <input
          ref={toTyping}
          name="contact"
          className="input input-sm w-72 max-w-full"
          autoComplete="off"
          required
        />
      </label>
      <button type="submit" className="btn btn-sm btn-primary">
        {t("claim.sendToSign")}
      </button>
      <p role="alert" className="wrong small">
        {refusal}
      </p>
    </form>
  );
}
