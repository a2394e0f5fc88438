import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";

export type Finding = Schemas["FoundWrong"]["finding"];

const FINDINGS: Finding[] = ["PAPERS", "REGISTER", "CONTRADICTION", "PERIOD", "ILLEGIBLE", "BLANK"];

interface Props {
  label: string;
  finding?: Finding;
  onFinding: (finding: Finding | undefined) => void;
}

/** What is wrong with a fact, to be chosen. */
export function Findings({ label, finding, onFinding }: Props) {
  const { t } = useTranslation();
  return (
    <select
      className="select select-sm w-64"
      aria-label={label}
      value={finding ?? ""}
      onChange={(event) => onFinding((event.target.value || undefined) as Finding | undefined)}
    >
      <option value="">{t("asking.because")}</option>
      {FINDINGS.map((one) => (
        <option key={one} value={one}>
          {t(`asking.finding.${one}`)}
        </option>
      ))}
    </select>
  );
}
