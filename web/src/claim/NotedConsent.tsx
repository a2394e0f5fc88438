import type { FormEvent } from "react";
import { useTranslation } from "react-i18next";
import { api, type ClaimView, done, type Schemas } from "../api/client";
import { spoken } from "../i18n/words";
import { useTrying } from "../parts/useTrying";
import { WhoSaid } from "./WhoSaid";

interface Props {
  claim: ClaimView;
  mayAllow: Schemas["MayAllow"][];
  onChanged: () => void;
}

/** Somebody of the household allows now that others are asked about them: noted with who said so and how. */
export function NotedConsent({ claim, mayAllow, onChanged }: Props) {
  const { t } = useTranslation();
  const [attempt, refusal] = useTrying();
  const note = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = event.currentTarget;
    const typed = new FormData(form);
    const allowed = mayAllow[Number(typed.get("allowed"))];
    attempt(async () => {
      await done(
        api.POST("/api/claims/{number}/consents", {
          params: { path: { number: claim.number } },
          body: {
            version: claim.version,
            person: allowed.person,
            to: allowed.to,
            told: String(typed.get("told")),
          },
        }),
      );
      form.reset();
      onChanged();
    });
  };
  return (
    <details className="mt-2">
      <summary className="plain-link cursor-pointer">{t("compare.allow")}</summary>
      <form onSubmit={note} className="flex flex-wrap gap-3 items-end mt-1">
        <label className="flex flex-col small">
          {t("compare.allowed")}
          <select name="allowed" className="select select-sm w-80 max-w-full">
            {mayAllow.map((one, place) => (
              <option key={`${one.person}${one.to}`} value={place}>
                {t("compare.allowedOne", { name: one.name, whom: spoken(one.to, "consentTo") })}
              </option>
            ))}
          </select>
        </label>
        <WhoSaid name="told" note={t("asking.note")} refusal={refusal} />
      </form>
    </details>
  );
}
