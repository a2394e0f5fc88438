import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";

/** It is asked for when nobody has typed for so long, in milliseconds. */
const STILL = 300;

const FULL = { WEAK: 1, ENOUGH: 2, STRONG: 3 };

/** How hard a password would be to find, and why it would not be taken, while it is typed. */
export function Strength({ password }: { password: string }) {
  const { t } = useTranslation();
  const [still, setStill] = useState("");
  useEffect(() => {
    const later = setTimeout(() => setStill(password), STILL);
    return () => clearTimeout(later);
  }, [password]);
  const measured = useQuery({
    queryKey: ["strength", still],
    queryFn: () => done(api.POST("/api/own-sign-in/strength", { body: { password: still } })),
    enabled: still !== "",
    // What was typed is not kept longer than it is looked at.
    gcTime: 0,
  }).data;
  return (
    <p className="small soft mb-3 max-w-md min-h-6" aria-live="polite">
      {password && measured && (
        <>
          <meter
            className="w-24 mr-2 align-middle"
            aria-label={t("ownSignIn.strength.label")}
            max={3}
            low={2}
            high={3}
            optimum={3}
            value={FULL[measured.strength]}
          />
          {t(`ownSignIn.strength.${measured.strength}`)}
          {measured.against && <span className="block">{measured.against}</span>}
        </>
      )}
    </p>
  );
}
