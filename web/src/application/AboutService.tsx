import { useQuery } from "@tanstack/react-query";
import { useTranslation } from "react-i18next";
import { api, done, type Schemas } from "../api/client";
import { aboutService, spoken } from "../i18n/words";
import { money, monthInFull } from "../parts/format";

interface Props {
  service: string;
  offer?: Schemas["Offer"];
  open: boolean;
}

/** What a service is, in the household's words, with the incomes it goes by, printed from the rate book. */
export function AboutService({ service, offer, open }: Props) {
  const { t } = useTranslation();
  const about = aboutService(service);
  const charts = useQuery({
    queryKey: ["charts", service],
    queryFn: () => done(api.GET("/api/services/{service}/charts", { params: { path: { service } } })),
    staleTime: Number.POSITIVE_INFINITY,
  });
  if (!offer) return null;
  return (
    <details open={open} className="border-t border-base-300 py-2">
      <summary className="cursor-pointer">
        <span className="case text-lg">{offer.title}</span> <span className="soft">{about.what}</span>
      </summary>
      <dl className="stacks stacks grid grid-cols-[9rem_1fr] gap-x-4 gap-y-1 mt-2">
        <dt className="soft">{t("about.who")}</dt>
        <dd>{about.who}</dd>
        <dt className="soft">{t("about.pays")}</dt>
        <dd>{about.pays}</dd>
        <dt className="soft">{t("about.time")}</dt>
        <dd>{t(offer.workingDays ? "about.workingDays" : "about.days", { count: offer.days })}</dd>
        <dt className="soft">{t("about.have")}</dt>
        <dd>{about.have.join("; ")}</dd>
      </dl>
      {charts.data && charts.data.lines.length > 0 && (
        <table className="mt-3 w-full max-w-2xl">
          <caption className="soft small text-left">
            {t("about.book", { month: monthInFull(charts.data.book) })}
          </caption>
          <thead className="soft small">
            <tr>
              <td />
              <th className="font-normal text-right">{t("about.first")}</th>
              <th className="font-normal text-right">{t("about.from14")}</th>
              <th className="font-normal text-right">{t("about.under14")}</th>
              <td />
            </tr>
          </thead>
          <tbody>
            {charts.data.lines.map((line) => (
              <tr key={line.label} className="border-t border-base-300">
                <th className="font-normal text-left py-0.5">{line.label}</th>
                <td className="case text-right">{money(line.first)}</td>
                <td className="case text-right">{line.from14 == null ? "" : `+ ${money(line.from14)}`}</td>
                <td className="case text-right">{line.under14 == null ? "" : `+ ${money(line.under14)}`}</td>
                <td className="soft small pl-3">
                  {line.each === "once" ? "" : spoken(line.each, "frequency")}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </details>
  );
}
