import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Link } from "@tanstack/react-router";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";
import { useSession } from "../api/session";
import { clockTime, shortDay } from "../parts/format";
import { useTrying } from "../parts/useTrying";

/** Milliseconds. */
const LOOK_AGAIN = 60_000;

/** Who had to see a restricted household, for a senior, until one takes note. */
export function BrokenGlass() {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const role = useSession()?.role;
  const [attempt, refusal] = useTrying();
  const broken = useQuery({
    queryKey: ["glass-broken"],
    queryFn: () => done(api.GET("/api/glass-broken")),
    enabled: role === "senior caseworker",
    refetchInterval: LOOK_AGAIN,
  });
  const note = (household: string, login: string) =>
    attempt(async () => {
      await done(
        api.POST("/api/households/{household}/glass-noted", {
          params: { path: { household } },
          body: { login },
        }),
      );
      await queries.invalidateQueries({ queryKey: ["glass-broken"] });
    });
  if (!broken.data?.length && !refusal) return null;
  return (
    <section className="px-5 py-2 border-b border-base-300" aria-label={t("restricted.broken")}>
      {broken.data?.map((one) => (
        <p key={one.household + one.login} className="flex flex-wrap gap-x-3 items-baseline">
          <span className="soft small">{t("restricted.broken")}</span>
          <span>
            {one.who}: <span className="case">{one.because}</span>
          </span>
          <Link to="/households/$id" params={{ id: one.household }} className="plain-link small">
            {one.householdName}
          </Link>
          <span className="soft small">
            {shortDay(one.at)} {clockTime(one.at)}
          </span>
          <button
            type="button"
            className="plain-link small"
            aria-label={t("restricted.noteOf", { name: one.who })}
            onClick={() => note(one.household, one.login)}
          >
            {t("restricted.note")}
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
