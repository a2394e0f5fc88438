import { useTranslation } from "react-i18next";

/** Whether a password is seen while it is typed. */
export function Seen({ seen, onSeen }: { seen: boolean; onSeen: (seen: boolean) => void }) {
  const { t } = useTranslation();
  return (
    <label className="flex items-center gap-3 min-h-8">
      <input
        type="checkbox"
        className="checkbox checkbox-sm"
        checked={seen}
        onChange={(event) => onSeen(event.target.checked)}
      />
      {t("signIn.see")}
    </label>
  );
}
