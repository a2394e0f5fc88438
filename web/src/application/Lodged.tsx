import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Link, useNavigate } from "@tanstack/react-router";
import { useTranslation } from "react-i18next";
import { type ApplicationView, api, done, type Schemas } from "../api/client";
import type { Draft } from "../draft/packet";
import { shortDay } from "../parts/format";
import { KeyStrip } from "../parts/Keys";
import { Reported, reportOf } from "./Reported";
import { Voluntary } from "./Voluntary";

/** What a lodged application became: its receipt, its claims with what happens next, and who is still to sign. */
export function Lodged({ view }: { view: ApplicationView }) {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const receipts = view.letters.filter((letter) => letter.kind === "receipt");
  const signers = useQuery({
    queryKey: ["signers", view.id],
    queryFn: () =>
      done(api.GET("/api/applications/{id}/signing-requests", { params: { path: { id: view.id } } })),
  });
  const report = useQueryClient().getQueryData<Schemas["ChangeReport"]>(reportOf(view.id));
  const later = signers.data ?? [];
  return (
    <>
      <main className="flex-1 min-h-0 overflow-y-auto p-10 max-w-4xl">
        <h1 className="case text-[2rem]">{t(view.receipt ? "app.lodged" : "change.reported")}</h1>
        {view.receipt && <p className="mt-2">{t("app.lodgedWith", { receipt: view.receipt })}</p>}
        {report && <Reported report={report} />}
        <ul className="mt-3">
          {view.lodged.map((claim) => (
            <li
              key={claim.number}
              className="stacks stacks grid grid-cols-[12rem_1fr_14rem] gap-4 items-baseline border-b border-base-300 py-1.5"
            >
              <Link
                to="/claims/$number"
                params={{ number: claim.number }}
                className="plain-link case text-lg"
              >
                {claim.number}
              </Link>
              <span>
                {claim.title}
                {claim.open > 0 && <span className="soft"> · {t("app.wants", { count: claim.open })}</span>}
              </span>
              <span className="text-right">
                {claim.urgent && <span className="wrong">{t("app.urgent")} </span>}
                {t("app.answerBy", { day: shortDay(claim.dueOn) })}
              </span>
            </li>
          ))}
        </ul>
        {later.length > 0 && (
          <ul className="mt-3">
            {later.map((one) => (
              <li key={one.person}>
                {one.contact
                  ? t("app.askedToSign", { name: one.name, contact: one.contact })
                  : t("app.comesToSign", { name: one.name })}
              </li>
            ))}
          </ul>
        )}
        <p className="mt-6 flex flex-wrap items-center gap-3">
          {receipts.map((receipt) => (
            <a
              key={receipt.id}
              className={receipt.about === view.receipt ? "btn btn-primary" : "btn"}
              href={`/api/letters/${receipt.id}`}
              target="_blank"
              rel="noreferrer"
            >
              {receipts.length === 1 ? t("app.receipt") : t("app.receiptOf", { number: receipt.about })}
            </a>
          ))}
          {receipts.length > 1 && <span className="soft">{t("app.receiptsApart")}</span>}
        </p>
        {(view.draft as unknown as Draft).packet.signatures.some((one) => one.method === "spoken") && (
          <p className="mt-3">{t("app.goesOnPaper")}</p>
        )}
        {view.receipt && (
          <section className="mt-10" aria-labelledby="voluntary">
            <h2 id="voluntary" className="head mb-3">
              {t("voluntary.title")}
            </h2>
            <Voluntary />
          </section>
        )}
      </main>
      <KeyStrip keys={[{ key: "Alt+D", says: t("keys.desk"), act: () => navigate({ to: "/" }) }]} />
    </>
  );
}
