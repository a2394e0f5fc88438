import { useQuery } from "@tanstack/react-query";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";
import { spoken } from "../i18n/words";
import { fullDay } from "../parts/format";

/** The shortest line that a zone has. */
const SHORTEST = 30;

/** What a machine-readable zone says, digit by digit, as it is typed. */
export function ZoneSaid({ text }: { text: string }) {
  const { t } = useTranslation();
  const lines = text
    .split("\n")
    .map((line) => line.trim())
    .filter(Boolean);
  const whole = lines.length > 1 && lines.every((line) => line.length >= SHORTEST);
  const said = useQuery({
    queryKey: ["zone", ...lines],
    queryFn: () => done(api.POST("/api/zones", { body: { lines } })),
    enabled: whole,
    gcTime: 0,
  });
  if (!whole || !said.data) return null;
  const { shaped, wrong, name, birthDate, expiresOn } = said.data;
  if (!shaped) return <p className="wrong small">{t("paper.zoneShape")}</p>;
  return (
    <div className="small" role="status">
      {wrong.map((one) => (
        <p key={one.part} className="wrong">
          {t("paper.zoneDigit", { part: spoken(one.part, "zonePart"), digit: one.digit, right: one.right })}
        </p>
      ))}
      {wrong.length === 0 && <p>{t("paper.zoneRight")}</p>}
      <p>
        <span className="case">{name}</span>
        {birthDate && `, ${t("paper.zoneBorn", { day: fullDay(birthDate) })}`}
        {expiresOn && `, ${t("paper.zoneUntil", { day: fullDay(expiresOn) })}`}
      </p>
    </div>
  );
}
