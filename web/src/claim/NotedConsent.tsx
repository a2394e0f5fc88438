import type { FormEvent } from "react";
import { useTranslation } from "react-i18next";
import { api, type ClaimView, done, type Schemas } from "../api/client";
import { spoken } from "../i18n/words";
import { useTrying } from "../parts/useTrying";
import { WhoSaid } from "./WhoSaid";

interface Props {
  claim: ClaimView;
  /** What may be chosen: what nobody allows yet, or what somebody allows. */
  choices: Schemas["MayAllow"][];
  takesBack: boolean;
  onChanged: () => void;
}

/** Somebody of the household allows that others are asked about them, or no more: noted with who said so and how. */
export function NotedConsent({ claim, choices, takesBack, onChanged }: Props) {
  const { t } = useTranslation();
  const [attempt, refusal] = useTrying();
  const note = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = event.currentTarget;
    const typed = new FormData(form);
    const chosen = choices[Number(typed.get("chosen"))];
    attempt(async () => {
      const told = {
        params: { path: { number: claim.number } },
        body: {
          version: claim.version,
          person: chosen.person,
          to: chosen.to,
          told: String(typed.get("told")),
        },
      };
      await done(
        takesBack
          ? api.POST("/api/claims/{number}/consents/taken-back", told)
          : api.POST("/api/claims/{number}/consents", told),
      );
      form.reset();
      onChanged();
    });
  };
  return (
    <details className="mt-2">
      <summary className="plain-link cursor-pointer">
        {t(takesBack ? "compare.takeBack" : "compare.allow")}
      </summary>
      <form onSubmit={note} className="flex flex-wrap gap-3 items-end mt-1">
        <label className="flex flex-col small">
          {t(takesBack ? "compare.takenBack" : "compare.allowed")}
          <select name="chosen" className="select select-sm w-80 max-w-full">
            {choices.map((one, place) => (
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
