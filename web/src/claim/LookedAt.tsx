import { useState } from "react";
import { useTranslation } from "react-i18next";
import { api, type ClaimView, done, type Schemas } from "../api/client";
import { useTrying } from "../parts/useTrying";
import { type Finding, Findings } from "./Findings";

interface Props {
  claim: ClaimView;
  item: Schemas["Item"];
  onChanged: () => void;
}

/** What the household put right, before and after: it settles what was asked, or is asked again. */
export function LookedAt({ claim, item, onChanged }: Props) {
  const { t } = useTranslation();
  const [attempt, refusal] = useTrying();
  const [finding, setFinding] = useState<Finding>();
  const look = (again?: Finding) =>
    attempt(async () => {
      await done(
        api.POST("/api/claims/{number}/items/{item}/looked-at", {
          params: { path: { number: claim.number, item: item.id } },
          body: { version: claim.version, again },
        }),
      );
      onChanged();
    });
  return (
    <div className="mt-1">
      <p>
        {t("asking.putRight")} <strong className="case">{item.putRight}</strong>
      </p>
      <div className="flex flex-wrap gap-3 items-center mt-1">
        <button
          type="button"
          className="btn btn-sm btn-primary"
          aria-label={t("asking.settlesItOf", { what: item.words })}
          onClick={() => look()}
        >
          {t("asking.settlesIt")}
        </button>
        <Findings
          label={t("asking.againOf", { what: item.words })}
          finding={finding}
          onFinding={setFinding}
        />
        <button type="button" className="btn btn-sm" disabled={!finding} onClick={() => look(finding)}>
          {t("asking.again")}
        </button>
      </div>
      <p role="alert" className="wrong small">
        {refusal}
      </p>
    </div>
  );
}
