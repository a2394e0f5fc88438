import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Link, useNavigate, useParams, useSearch } from "@tanstack/react-router";
import { lazy, Suspense, useRef, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done, Refusal } from "../api/client";
import { useSession } from "../api/session";
import { Notices } from "../household/Notices";
import { Bar } from "../parts/Bar";
import { namesOf } from "../parts/called";
import { KeyStrip } from "../parts/Keys";
import { ResultBlock } from "../parts/Margin";
import { useGoingOn, usePark } from "../parts/parking";
import { useTrying } from "../parts/useTrying";
import { type Below, ClaimHead } from "./ClaimHead";
import { HaveToSee } from "./HaveToSee";
import { Identity } from "./Identity";
import { Moving } from "./Moving";
import { Overtaken } from "./Overtaken";
import { Pressing } from "./Pressing";
import { peopleOf } from "./people";
import { RecordView } from "./RecordView";
import { RoundBar } from "./RoundBar";
import { Speaking } from "./Speaking";
import { Standing } from "./Standing";
import { WorkingView } from "./WorkingView";

type View = (typeof VIEWS)[number];

const VIEWS = ["ledger", "papers", "working", "record"] as const;

const Asking = lazy(async () => ({ default: (await import("./Asking")).Asking }));
const LedgerSheet = lazy(async () => ({ default: (await import("./LedgerSheet")).LedgerSheet }));
const PapersView = lazy(async () => ({ default: (await import("../papers/PapersView")).PapersView }));

/** One claim: where it stands, how it works out, what happened, and its decision. */
export function Claim() {
  const { t } = useTranslation();
  const { number } = useParams({ from: "/claims/$number" });
  const { round } = useSearch({ from: "/claims/$number" });
  const session = useSession();
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [attempt, refusal] = useTrying();
  const atFront = session?.role === "front desk";
  const works = session?.role === "caseworker" || session?.role === "senior caseworker";
  const goingOn = useGoingOn({ claim: number });
  const park = usePark({ claim: number });
  const [wasAt, wasBelow] = goingOn?.part.split("/") ?? [];
  const [chosen, setView] = useState<View | undefined>(wasAt as View);
  const [below, setBelow] = useState<Below>((wasBelow as Below) ?? "");
  const [asking, setAsking] = useState(false);
  const path = { params: { path: { number } } };
  const claim = useQuery({
    queryKey: ["claim", number],
    queryFn: () => done(api.GET("/api/claims/{number}", path)),
  });
  // It opens where the next thing is to be done, and stays there when that is done.
  const opensAt = useRef<View>(undefined);
  if (claim.data) opensAt.current ??= claim.data.next?.step === "compare" ? "ledger" : "working";
  const view = chosen ?? opensAt.current ?? "working";
  const working = useQuery({
    queryKey: ["claim", number, "working"],
    queryFn: () => done(api.GET("/api/claims/{number}/working", path)),
    enabled: claim.isSuccess && session !== undefined && !atFront,
  });
  const today = session?.today ?? claim.data?.lodgedOn ?? "";
  // The claim first: what is worked out shows what can be done, and does it to the version that is known here.
  const again = async () => {
    await queries.invalidateQueries({ queryKey: ["claim", number], exact: true });
    await queries.invalidateQueries({
      queryKey: ["claim", number],
      predicate: ({ queryKey }) => queryKey.length > 2,
    });
  };
  const take = () =>
    attempt(async () => {
      await done(api.POST("/api/claims/{number}/take", path));
      await again();
    });
  const parkHere = () => attempt(() => park(`${view}/${below}`));
  const everywhere = [
    ...(claim.data && !claim.data.holder ? [{ key: "Alt+T", says: t("keys.takeUp"), act: take }] : []),
    { key: "Alt+D", says: t("keys.desk"), act: () => navigate({ to: "/" }) },
  ];
  const keys = [
    { key: "Alt+L", says: t("claim.ledger"), act: () => setView("ledger") },
    { key: "Alt+E", says: t("paper.title"), act: () => setView("papers") },
    ...(view === "papers"
      ? [
          {
            key: "Alt+A",
            says: t("paper.accept"),
            act: () => document.getElementById("accept-paper")?.click(),
          },
          {
            key: "Alt+B",
            says: t("paper.return"),
            act: () => document.getElementById("return-paper")?.click(),
          },
        ]
      : []),
    { key: "Alt+W", says: t("keys.working"), act: () => setView("working") },
    { key: "Alt+R", says: t("keys.record"), act: () => setView("record") },
    ...(claim.data?.state === "open"
      ? [{ key: "Alt+Q", says: t("asking.key"), act: () => setAsking(true) }]
      : []),
    ...(view === "working"
      ? [{ key: "Alt+G", says: t("keys.decide"), act: () => document.getElementById("decide")?.click() }]
      : []),
    {
      key: "Alt+P",
      says: t("pressing.title"),
      act: () => setBelow(below === "pressing" ? "" : "pressing"),
      quiet: true,
    },
    {
      key: "Alt+S",
      says: t("speaking.title"),
      act: () => setBelow(below === "speaking" ? "" : "speaking"),
      quiet: true,
    },
    {
      key: "Alt+H",
      says: t("moving.title"),
      act: () => setBelow(below === "moving" ? "" : "moving"),
      quiet: true,
    },
    ...(round
      ? [
          {
            key: "Alt+X",
            says: t("round.key"),
            act: () => document.getElementById("next-in-round")?.click(),
            quiet: true,
          },
        ]
      : []),
    ...(works ? [{ key: "Alt+K", says: t("parked.key"), act: parkHere, quiet: true }] : []),
    ...everywhere,
  ];
  return (
    <div className="screen h-screen flex flex-col">
      <Bar />
      {claim.isPending && <p className="soft p-5">{t("claim.loading")}</p>}
      {claim.isError && (
        <main className="flex-1 p-5">
          <h1 role="alert" className="wrong">
            {claim.error.message}
          </h1>
          <p className="mt-3">
            <Link to="/" className="plain-link">
              {t("keys.desk")}
            </Link>
          </p>
          {!atFront && claim.error instanceof Refusal && claim.error.status === 404 && (
            <HaveToSee number={number} onSeen={() => claim.refetch()} />
          )}
        </main>
      )}
      {claim.data && (
        <div className={`panes flex-1 min-h-0 grid ${view === "record" ? "grid-cols-[1fr_320px]" : ""}`}>
          <main className="min-w-0 overflow-y-auto">
            <ClaimHead
              claim={claim.data}
              today={today}
              onTake={take}
              open={below}
              onOpen={setBelow}
              onPark={works ? parkHere : undefined}
              atFront={atFront}
            />
            <Overtaken key={`${number}:${claim.data.version}`} number={number} onShow={again} />
            <Notices
              household={claim.data.household}
              today={today}
              works={works}
              pins={below === "speaking" && works}
            />
            {round && !atFront && <RoundBar key={number} claim={claim.data} round={round} />}
            {below === "speaking" && <Speaking claim={claim.data} today={today} onChanged={again} />}
            {below === "identity" && <Identity claim={claim.data} />}
            {below === "moving" && <Moving claim={claim.data} onChanged={again} />}
            {below === "pressing" && (
              <Pressing claim={claim.data} today={today} works={works} onChanged={again} />
            )}
            {refusal && (
              <p role="alert" className="wrong px-6 py-2">
                {refusal}
              </p>
            )}
            {atFront && <Standing claim={claim.data} />}
            {!atFront && (
              <>
                <div className="flex gap-6 px-6 border-b border-base-300">
                  {VIEWS.map((one) => (
                    <button
                      key={one}
                      type="button"
                      aria-pressed={view === one}
                      className={`h-10 cursor-pointer border-b-3 ${view === one ? "border-primary font-semibold" : "border-transparent"}`}
                      onClick={() => setView(one)}
                    >
                      {t(`claim.${one}`)}
                    </button>
                  ))}
                </div>
                {view === "ledger" && (
                  <Suspense fallback={<p className="soft p-5">{t("claim.loading")}</p>}>
                    <LedgerSheet claim={claim.data} today={today} onChanged={again} />
                  </Suspense>
                )}
                {view === "papers" && (
                  <Suspense fallback={<p className="soft p-5">{t("claim.loading")}</p>}>
                    <PapersView claim={claim.data} today={today} onChanged={again} />
                  </Suspense>
                )}
                {view === "working" && working.data && (
                  <WorkingView
                    claim={claim.data}
                    working={working.data}
                    today={today}
                    onAsk={() => setAsking(true)}
                    onChanged={again}
                  />
                )}
                {view === "record" && (
                  <RecordView claim={claim.data} letters={working.data?.letters ?? []} onChanged={again} />
                )}
              </>
            )}
          </main>
          {view === "record" && (
            <aside
              className="bg-base-200 border-l border-base-300 p-4 overflow-y-auto"
              aria-label={t("margin.label")}
            >
              {working.data && (
                <ResultBlock result={working.data.result} names={namesOf(peopleOf(claim.data))} />
              )}
            </aside>
          )}
        </div>
      )}
      {asking && claim.data && (
        <Suspense>
          <Asking claim={claim.data} today={today} onClose={() => setAsking(false)} onChanged={again} />
        </Suspense>
      )}
      <KeyStrip keys={atFront || claim.isError ? everywhere : keys} />
    </div>
  );
}
