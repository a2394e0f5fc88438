import { useTranslation } from "react-i18next";
import { api, type ClaimView, done, type Schemas } from "../api/client";
import { clockTime, fullDay } from "../parts/format";
import { useTrying } from "../parts/useTrying";
import { NotedConsent } from "./NotedConsent";

interface Props {
  claim: ClaimView;
  checking: Schemas["CheckingView"];
  onChanged: () => void;
}

/** Which registers were asked about whom, and when they answered; all of them can be asked again. */
export function AskedRegisters({ claim, checking, onChanged }: Props) {
  const { t } = useTranslation();
  const [attempt, refusal] = useTrying();
  const waiting = checking.registers.filter((one) => !one.answeredAt);
  const ask = () =>
    attempt(async () => {
      await done(api.POST("/api/claims/{number}/registers", { params: { path: { number: claim.number } } }));
      onChanged();
    });
  return (
    <>
      {waiting.map((one) => (
        <p key={`${one.register}${one.whose}`} className="py-0.5">
          <span aria-hidden="true">⋯</span> {one.register}, <span className="case">{one.whose}</span>:{" "}
          <strong>{t("compare.notAnswered")}</strong>{" "}
          <span className="soft small">
            {t("compare.asked", { day: fullDay(one.askedAt), time: clockTime(one.askedAt), name: one.by })}
            {checking.againAt &&
              one.triedAt &&
              `, ${t("compare.again", { time: clockTime(checking.againAt) })}`}
          </span>
        </p>
      ))}
      {checking.registers.length > waiting.length && (
        <p className="soft small">
          {t("compare.answered", {
            which: checking.registers
              .filter((one) => one.answeredAt)
              .map((one) =>
                t("compare.answeredOne", {
                  register: one.register,
                  whose: one.whose,
                  day: fullDay(one.answeredAt ?? ""),
                  time: clockTime(one.answeredAt ?? ""),
                }),
              )
              .join("; "),
          })}
        </p>
      )}
      {checking.unasked.length > 0 && (
        <p className="py-0.5">
          {t("compare.unasked")}: {checking.unasked.join("; ")}
        </p>
      )}
      {claim.state === "open" && checking.mayAllow.length > 0 && (
        <NotedConsent claim={claim} choices={checking.mayAllow} takesBack={false} onChanged={onChanged} />
      )}
      {claim.state === "open" && checking.allowed.length > 0 && (
        <NotedConsent claim={claim} choices={checking.allowed} takesBack={true} onChanged={onChanged} />
      )}
      {claim.state === "open" && (
        <button type="button" className="btn btn-sm mt-2" onClick={ask}>
          {t(checking.registers.length > 0 ? "compare.askAgain" : "compare.askRegisters")}
        </button>
      )}
      <p role="alert" className="wrong small">
        {refusal}
      </p>
    </>
  );
}
