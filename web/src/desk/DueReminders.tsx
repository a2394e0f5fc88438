import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Link } from "@tanstack/react-router";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";
import { useSession } from "../api/session";
import { shortDay } from "../parts/format";
import { useTrying } from "../parts/useTrying";

/** What one wanted to be told of today, or before. */
export function DueReminders() {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const role = useSession()?.role;
  const [attempt, refusal] = useTrying();
  const reminders = useQuery({
    queryKey: ["reminders"],
    queryFn: () => done(api.GET("/api/reminders")),
    enabled: role === "caseworker" || role === "senior caseworker",
  });
  const end = (number: string, reminder: string) =>
    attempt(async () =>
      queries.setQueryData(
        ["reminders"],
        await done(
          api.POST("/api/claims/{number}/reminders/{reminder}/done", {
            params: { path: { number, reminder } },
          }),
        ),
      ),
    );
  if (!reminders.data?.length && !refusal) return null;
  return (
    <section className="px-5 py-2 border-b border-base-300" aria-label={t("reminder.title")}>
      {reminders.data?.map((one) => (
        <p key={one.id} className="flex flex-wrap gap-x-3 items-baseline">
          <span className="soft small">{t("reminder.title")}</span>
          <span className="case">{one.words}</span>
          <Link to="/claims/$number" params={{ number: one.claim }} className="plain-link small">
            {one.claim}
          </Link>
          <span className="soft small">{shortDay(one.on)}</span>
          <button
            type="button"
            className="plain-link small"
            aria-label={t("reminder.doneOf", { what: one.words })}
            onClick={() => end(one.claim, one.id)}
          >
            {t("reminder.done")}
          </button>
        </p>
      ))}
      {refusal && (
        <p role="alert" className="wrong">
          {refusal}
        </p>
      )}
    </section>
  );
}
