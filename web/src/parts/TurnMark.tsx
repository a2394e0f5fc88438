import { useTranslation } from "react-i18next";

/** Whose turn it is, at the size of a letter: solid, hollow, dotted or thin. */
export function TurnMark({ turn }: { turn: string }) {
  const { t } = useTranslation();
  return (
    <svg
      width="12"
      height="12"
      viewBox="0 0 12 12"
      role="img"
      aria-label={t(`turn.${turn}`)}
      className="inline"
    >
      {turn === "ours" && <rect x="2" y="2" width="8" height="8" fill="var(--ours)" />}
      {turn === "household" && (
        <rect x="3" y="1.75" width="6" height="8.5" fill="none" stroke="var(--household)" strokeWidth="1.5" />
      )}
      {turn === "thirdParty" &&
        [2, 6, 10].map((x) => <circle key={x} cx={x} cy="6" r="1.3" fill="var(--third)" />)}
      {turn === "over" && <line x1="1" x2="11" y1="6" y2="6" stroke="var(--stone)" strokeWidth="1.5" />}
    </svg>
  );
}
