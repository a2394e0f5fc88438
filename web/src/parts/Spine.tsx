import { useTranslation } from "react-i18next";
import type { Margin } from "../api/client";

/** The margin folded: the outcome word of each service, and a way to unfold it. */
export function Spine({ margin, onUnfold }: { margin?: Margin; onUnfold: () => void }) {
  const { t } = useTranslation();
  return (
    <button
      type="button"
      className="h-full w-full cursor-pointer flex gap-2 justify-center"
      aria-label={t("app.unfoldMargin")}
      onClick={onUnfold}
    >
      {margin?.results.slice(0, 2).map((result) => (
        <span key={result.service} className="[writing-mode:vertical-rl] whitespace-nowrap text-left">
          {result.title}{" "}
          {result.asked && (
            <span className={`case ${result.outcome === "unknown" ? "soft" : "font-semibold"}`}>
              {t(`margin.${result.outcome}`)}
            </span>
          )}
        </span>
      ))}
    </button>
  );
}
