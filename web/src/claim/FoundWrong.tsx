import { useState } from "react";
import { useTranslation } from "react-i18next";
import { api, type ClaimView, done, type Schemas } from "../api/client";
import { useTrying } from "../parts/useTrying";

type Finding = Schemas["FoundWrong"]["finding"];

const FINDINGS: Finding[] = ["PAPERS", "REGISTER", "CONTRADICTION", "PERIOD", "ILLEGIBLE", "BLANK"];

interface Props {
  claim: ClaimView;
  /** Where the fact stands, and how it is called. */
  place: string;
  label: string;
  onChanged: () => void;
}

/** Puts a fact to the household: it is asked for in the next letter, and open to nobody else until it is answered. */
export function FoundWrong({ claim, place, label, onChanged }: Props) {
  const { t } = useTranslation();
  const [attempt, refusal] = useTrying();
  const [finding, setFinding] = useState<Finding>();
  const find = () =>
    attempt(async () => {
      if (!finding) return;
      await done(
        api.POST("/api/claims/{number}/found-wrong", {
          params: { path: { number: claim.number } },
          body: { version: claim.version, pointer: place, finding },
        }),
      );
      onChanged();
    });
  return (
    <div className="flex flex-wrap gap-2 items-center small mt-2">
      {t("asking.askAbout")}
      <select
        className="select select-sm w-64"
        aria-label={t("asking.askAboutOf", { what: label })}
        value={finding ?? ""}
        onChange={(event) => setFinding((event.target.value || undefined) as Finding | undefined)}
      >
        <option value="">{t("asking.because")}</option>
        {FINDINGS.map((one) => (
          <option key={one} value={one}>
            {t(`asking.finding.${one}`)}
          </option>
        ))}
      </select>
      <button type="button" className="btn btn-sm" disabled={!finding} onClick={find}>
        {t("asking.put")}
      </button>
      <span role="alert" className="wrong">
        {refusal}
      </span>
    </div>
  );
}
