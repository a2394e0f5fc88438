import { useQuery } from "@tanstack/react-query";
import { Link } from "@tanstack/react-router";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";
import { useSession } from "../api/session";

const FRESH = 60_000;

/** How many letters wait to go out; nothing where none does. */
export function PostLine() {
  const { t } = useTranslation();
  const session = useSession();
  const works = session?.role === "caseworker" || session?.role === "senior caseworker";
  const post = useQuery({
    queryKey: ["post", "waiting"],
    queryFn: () => done(api.GET("/api/post/waiting")),
    enabled: works,
    staleTime: FRESH,
  });
  const count = post.data?.waiting ?? 0;
  if (count === 0) return null;
  return (
    <p className="px-5 py-2 border-b border-base-300">
      <Link to="/post-out" className="plain-link">
        {t("post.line", { count })}
      </Link>
    </p>
  );
}
