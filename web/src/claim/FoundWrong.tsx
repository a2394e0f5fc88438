import { useEffect, useRef, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, type ClaimView, done } from "../api/client";
import { fullDay } from "../parts/format";
import { useTrying } from "../parts/useTrying";
import { type Finding, Findings } from "./Findings";

interface Props {
  claim: ClaimView;
  /** Where the fact stands, and how it is called. */
  place: string;
  label: string;
  onChanged: () => void;
}

/** Puts a fact to the household: it is asked for in the next letter, and open to nobody else until it is answered. */
export function FoundWrong({ claim, place, label, onChanged }: Props) {
  const { t } = useTranslation();
  const [attempt, refusal] = useTrying();
  const [finding, setFinding] = useState<Finding>();
  const find = () =>
    attempt(async () => {
      if (!finding) return;
      await done(
        api.POST("/api/claims/{number}/found-wrong", {
          params: { path: { number: claim.number } },
          body: { version: claim.version, pointer: place, finding },
        }),
      );
      onChanged();
    });
  const put = claim.items.find((item) => item.kind === "fact" && item.inDoubt && item.subject === place);
  const said = useRef<HTMLParagraphElement>(null);
  const isPut = put !== undefined;
  // Whoever has just put it goes on from there by keyboard: the button is gone.
  useEffect(() => {
    if (isPut && finding) said.current?.focus();
  }, [isPut, finding]);
  if (put) {
    return (
      <p ref={said} tabIndex={-1} role="status" className="small mt-2">
        {t("asking.isPut", { day: fullDay(put.dueOn) })}
      </p>
    );
  }
  return (
    <div className="flex flex-wrap gap-2 items-center small mt-2">
      {t("asking.askAbout")}
      <Findings label={t("asking.askAboutOf", { what: label })} finding={finding} onFinding={setFinding} />
      <button type="button" className="btn btn-sm" disabled={!finding} onClick={find}>
        {t("asking.put")}
      </button>
      <span role="alert" className="wrong">
        {refusal}
      </span>
    </div>
  );
}
