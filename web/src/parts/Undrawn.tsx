import { CatchBoundary, type ErrorComponentProps } from "@tanstack/react-router";
import type { ReactNode } from "react";
import { useTranslation } from "react-i18next";

/** What stands where something could not be drawn: the rest of the screen goes on. */
export function Undrawn({ reset }: ErrorComponentProps) {
  const { t } = useTranslation();
  return (
    <div role="alert" className="p-5">
      <p className="wrong">{t("undrawn.what")}</p>
      <p className="soft mt-1">{t("undrawn.kept")}</p>
      <button type="button" className="btn btn-sm mt-3" onClick={reset}>
        {t("undrawn.again")}
      </button>
    </div>
  );
}

/** Keeps a fault in drawing one part from taking the screen along; another part is drawn afresh. */
export function Apart({ part, children }: { part: string; children: ReactNode }) {
  return (
    <CatchBoundary getResetKey={() => part} errorComponent={Undrawn}>
      {children}
    </CatchBoundary>
  );
}
