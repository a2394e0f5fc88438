import { useTranslation } from "react-i18next";

/** Parks what one is at; the cursor stays where it is, to be kept. */
export function ParkButton({ onPark, className }: { onPark: () => void; className: string }) {
  const { t } = useTranslation();
  return (
    <button
      type="button"
      className={`plain-link ${className}`}
      onMouseDown={(event) => event.preventDefault()}
      onClick={onPark}
    >
      {t("parked.park")}
    </button>
  );
}
