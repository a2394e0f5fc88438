import { useQuery } from "@tanstack/react-query";
import { Link } from "@tanstack/react-router";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";
import { useSession } from "../api/session";
import { addDays } from "../parts/format";

const SOON = 14;
const FRESH = 300_000;

/** How many of the days ahead are near and nobody has seen to; nothing where there is none. */
export function ComingLine() {
  const { t } = useTranslation();
  const session = useSession();
  const works = session?.role === "caseworker" || session?.role === "senior caseworker";
  const coming = useQuery({
    queryKey: ["coming-up"],
    queryFn: () => done(api.GET("/api/coming-up")),
    enabled: works,
    staleTime: FRESH,
  });
  const near = session?.today ? addDays(session.today, SOON) : "";
  const count = coming.data?.filter((one) => one.on <= near).length ?? 0;
  if (count === 0) return null;
  return (
    <p className="px-5 py-2 border-b border-base-300">
      <Link to="/coming-up" className="plain-link">
        {t("coming.near", { count })}
      </Link>
    </p>
  );
}
