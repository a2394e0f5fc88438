import { useQuery } from "@tanstack/react-query";
import { Link, useNavigate, useParams } from "@tanstack/react-router";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";
import { offersQuery } from "../api/offers";
import { Bar } from "../parts/Bar";
import { KeyStrip } from "../parts/Keys";
import { MarkedText } from "./MarkedText";

/** The rules of each service, as they are worked, to be read by anybody of the staff. */
export function Rules() {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const { service } = useParams({ from: "/rules/$service" });
  const offers = useQuery(offersQuery());
  const page = useQuery({
    queryKey: ["rules", service],
    queryFn: () =>
      done(api.GET("/api/services/{service}/rules", { params: { path: { service } }, parseAs: "text" })),
    staleTime: Number.POSITIVE_INFINITY,
  });
  const all = offers.data ?? [];
  const step = (by: number) => {
    const next = all[all.findIndex((one) => one.service === service) + by];
    if (next) navigate({ to: "/rules/$service", params: { service: next.service } });
  };
  const keys = [
    { key: "ArrowDown", says: t("keys.move"), act: () => step(1) },
    { key: "ArrowUp", says: t("keys.move"), act: () => step(-1), quiet: true },
    { key: "Alt+D", says: t("keys.desk"), act: () => navigate({ to: "/" }) },
  ];
  return (
    <div className="screen h-screen flex flex-col">
      <Bar />
      <div className="panes flex-1 min-h-0 grid grid-cols-[216px_1fr]">
        <nav className="bg-base-200 py-4 overflow-y-auto" aria-label={t("rules.services")}>
          {all.map((one) => (
            <Link
              key={one.service}
              to="/rules/$service"
              params={{ service: one.service }}
              className="block px-5 py-1.5"
              activeProps={{ className: "font-semibold bg-base-100", "aria-current": "page" }}
            >
              {one.title}
            </Link>
          ))}
        </nav>
        {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a long page is scrolled with the keys. */}
        <main className="min-w-0 overflow-y-auto px-8 py-5" key={service} tabIndex={0}>
          {page.isError && (
            <p role="alert" className="wrong">
              {page.error.message}
            </p>
          )}
          {page.data && <MarkedText text={page.data} />}
          {page.data && <p className="soft small mt-8">{t("rules.note")}</p>}
        </main>
      </div>
      <KeyStrip keys={keys} />
    </div>
  );
}
