import { CatchBoundary, type ErrorComponentProps } from "@tanstack/react-router";
import { type ReactNode, useRef } from "react";
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

/** Keeps a fault in drawing one part from taking the screen along; it is tried again where what it is drawn from is new. */
export function Apart({ part, from, children }: { part: string; from: unknown; children: ReactNode }) {
  const last = useRef({ from, turn: 0 });
  if (last.current.from !== from) last.current = { from, turn: last.current.turn + 1 };
  return (
    <CatchBoundary getResetKey={() => `${part} ${last.current.turn}`} errorComponent={Undrawn}>
      {children}
    </CatchBoundary>
  );
}
