import { useQuery } from "@tanstack/react-query";
import { Link, useNavigate, useParams } from "@tanstack/react-router";
import { useTranslation } from "react-i18next";
import { api, done, type QuestionView } from "../api/client";
import { offersQuery } from "../api/offers";
import { useSession } from "../api/session";
import { knowQuestions } from "../draft/taking";
import { aboutService } from "../i18n/words";
import { Questions } from "../matter/Questions";
import { Bar } from "../parts/Bar";
import { KeyStrip } from "../parts/Keys";
import { useTrying } from "../parts/useTrying";
import { FactFields } from "./FactFields";
import { LookPane } from "./LookPane";
import { useQuickCheck } from "./useQuickCheck";

/** A first look at one service, with only the questions that decide; nothing of it is kept. */
export function QuickCheck() {
  const { t } = useTranslation();
  const { service } = useParams({ from: "/quick-check/$service" });
  const session = useSession();
  const navigate = useNavigate();
  const [attempt, refusal] = useTrying();
  const offers = useQuery(offersQuery());
  const offer = offers.data?.find((one) => one.service === service);
  const check = useQuickCheck(service);
  if (offers.data) {
    const known = offers.data;
    knowQuestions((word) => known.find((one) => one.service === word)?.questions ?? []);
  }
  const goOn = () =>
    attempt(async () => {
      // The look that is shown may be a key behind.
      const { packet } = await check.ask();
      const fresh = await done(api.POST("/api/applications"));
      await done(
        api.PUT("/api/applications/{id}", {
          params: { path: { id: fresh.id }, header: { "If-Match": `"${fresh.version}"` } },
          body: { packet, typed: {}, taking: {} } as never,
        }),
      );
      navigate({ to: "/applications/$id", params: { id: fresh.id } });
    });
  const deciding = (offer?.questions ?? []).filter((question: QuestionView) =>
    offer?.quickAnswers.includes(question.key),
  );
  return (
    <div className="screen h-screen flex flex-col">
      <Bar />
      <div className="panes flex-1 min-h-0 grid grid-cols-[200px_1fr_330px]">
        <nav
          className="bg-base-200 border-r border-base-300 py-3 overflow-y-auto"
          aria-label={t("quick.services")}
        >
          {offers.data?.map((one) => (
            <Link
              key={one.service}
              to="/quick-check/$service"
              params={{ service: one.service }}
              aria-current={one.service === service ? "page" : undefined}
              className={`flex items-center pl-5 pr-3 min-h-8 border-l-4 ${one.service === service ? "border-primary bg-base-100 font-semibold" : "border-transparent"}`}
            >
              {one.title}
            </Link>
          ))}
        </nav>
        <main className="min-w-0 overflow-y-auto px-6 py-5">
          <h1 className="case text-[1.5rem]">{offer ? t("quick.title", { service: offer.title }) : ""}</h1>
          <p className="soft mb-4 max-w-2xl">
            {aboutService(service).what} {t("quick.note")}
          </p>
          {offer && session && (
            <div className="flex flex-col gap-5" key={service}>
              <FactFields facts={offer.quickFacts} told={check.told} onTell={check.tell} />
              <Questions
                handle={check.handle}
                questions={deciding}
                at="/requests/0/answers"
                matter={{ service, id: "", today: session.today }}
              />
            </div>
          )}
          <p role="alert" className="wrong mt-4">
            {refusal}
          </p>
          <button type="button" data-flow className="btn btn-primary mt-4" onClick={goOn}>
            {t("quick.goOn")}
          </button>
        </main>
        <LookPane look={check.look} />
      </div>
      <KeyStrip
        keys={[
          { key: "Alt+A", says: t("quick.goOn").toLowerCase(), act: goOn },
          { key: "Alt+D", says: t("keys.desk"), act: () => navigate({ to: "/" }) },
        ]}
      />
    </div>
  );
}
