import { useQuery } from "@tanstack/react-query";
import { Link, useNavigate } from "@tanstack/react-router";
import { useTranslation } from "react-i18next";
import { api, type ClaimView, done } from "../api/client";
import { Key } from "../parts/Keys";

interface Props {
  claim: ClaimView;
  /** The step of the claims that are gone through. */
  round: string;
}

/** A round that is gone through: how much of it is left, and the next as soon as this one is done. */
export function RoundBar({ claim, round }: Props) {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const left = useQuery({
    queryKey: ["round", round, claim.number, claim.version],
    queryFn: () => done(api.GET("/api/desk", { params: { query: { round } } })),
    placeholderData: (before) => before,
  });
  if (!left.data) return null;
  const name = left.data.rounds.find((one) => one.step === round)?.words;
  // Whoever passes one over goes on with the one behind it, and comes back to the first at the end.
  const rows = left.data.rows;
  const behind = rows[rows.findIndex((row) => row.number === claim.number) + 1];
  const next = behind ?? rows.find((row) => row.number !== claim.number);
  const isDone = claim.next?.step !== round;
  const more = (left.data.rounds.find((one) => one.step === round)?.claims ?? 0) - (isDone ? 0 : 1);
  return (
    <section
      aria-label={t("round.label")}
      className={`flex flex-wrap gap-x-5 gap-y-1 items-center px-6 py-1.5 border-b border-base-300 ${isDone ? "bg-base-200" : ""}`}
    >
      <span className={isDone ? "font-semibold" : "soft"} role={isDone ? "status" : undefined}>
        {isDone ? t("round.done") : t("round.name", { name: name ?? "" })}
      </span>
      <span className="soft">{t("round.more", { count: Math.max(0, more) })}</span>
      {next ? (
        <button
          key={String(isDone)}
          type="button"
          id="next-in-round"
          // biome-ignore lint/a11y/noAutofocus: what was worked on is done, and its field is gone; Enter goes on.
          autoFocus={isDone}
          className={`btn btn-sm ${isDone ? "btn-primary" : ""}`}
          onClick={() =>
            navigate({ to: "/claims/$number", params: { number: next.number }, search: { round } })
          }
        >
          {t("round.next", { name: next.householdName })} <Key of="Alt+X" />
        </button>
      ) : (
        isDone && (
          <Link to="/" className="plain-link">
            {t("round.over")}
          </Link>
        )
      )}
    </section>
  );
}
