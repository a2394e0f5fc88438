import { useInfiniteQuery, useQuery, useQueryClient } from "@tanstack/react-query";
import { Link, useNavigate } from "@tanstack/react-router";
import { scaleTime } from "d3-scale";
import { lazy, Suspense, useMemo, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done, type Row } from "../api/client";
import { offersQuery } from "../api/offers";
import { Bar } from "../parts/Bar";
import { addDays, day } from "../parts/format";
import { KeyStrip } from "../parts/Keys";
import { LongList } from "../parts/LongList";
import { useLive } from "../parts/useLive";
import { useTrying } from "../parts/useTrying";
import { useWidth } from "../parts/useWidth";
import { AxisHead } from "./AxisHead";
import { Batches } from "./Batches";
import { BrokenGlass } from "./BrokenGlass";
import { ComingLine } from "./ComingLine";
import { DeskRow, HEIGHT } from "./DeskRow";
import { Drafts } from "./Drafts";
import { DueReminders } from "./DueReminders";
import { Onward } from "./Onward";
import { ParkedLine } from "./ParkedLine";
import { Peek } from "./Peek";
import { PostLine } from "./PostLine";
import { deskQuery, draftsQuery } from "./queries";
import { Rounds } from "./Rounds";
import { TodaysAppointments } from "./TodaysAppointments";

// What the Desk does without at first comes when it is asked for.
const ImportPacket = lazy(() => import("./ImportPacket"));

const DAYS_BACK = 14;
const DAYS_AHEAD = 33;

interface Chosen {
  number?: string;
  place: number;
}

const FIRST: Chosen = { place: 0 };

/** The day's work on one calendar: every claim's turn line, and the tide above on the same axis. */
export function Desk() {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [round, setRound] = useState("");
  const step = round === "drafts" || round === "" ? undefined : round;
  const desk = useInfiniteQuery({ ...deskQuery(step), refetchInterval: 30_000 });
  const drafts = useQuery(draftsQuery());
  const [chosen, setChosen] = useState<Chosen>(FIRST);
  const [importing, setImporting] = useState(false);
  const [attempt, refusal] = useTrying();
  useLive(() => void queries.invalidateQueries({ queryKey: ["desk"] }));
  const [axis, width] = useWidth();
  const [scrolled, setScrolled] = useState<HTMLDivElement | null>(null);

  const pages = desk.data?.pages;
  const page = pages?.[0];
  const today = page?.today ?? new Date().toISOString().slice(0, 10);
  const scale = useMemo(
    () =>
      scaleTime()
        .domain([day(addDays(today, -DAYS_BACK)), day(addDays(today, DAYS_AHEAD))])
        .range([0, Math.max(200, width)]),
    [today, width],
  );
  const rows = useMemo(() => pages?.flatMap((one) => one.rows) ?? [], [pages]);
  // The claim that was chosen stays chosen when others come before it; when it is gone, the one in its place is.
  const found = rows.findIndex((one) => one.number === chosen.number);
  const index = found >= 0 ? found : Math.min(chosen.place, Math.max(0, rows.length - 1));
  const row: Row | undefined = rows[index];

  const take = () =>
    attempt(async () => {
      const fresh = await done(api.POST("/api/applications"));
      queries.setQueryData(["application", fresh.id], fresh);
      navigate({ to: "/applications/$id", params: { id: fresh.id } });
    });
  const quick = () =>
    attempt(async () => {
      const [first] = await queries.ensureQueryData(offersQuery());
      navigate({ to: "/quick-check/$service", params: { service: first.service } });
    });
  const open = (number: string) =>
    navigate({ to: "/claims/$number", params: { number }, search: step ? { round: step } : {} });
  const takeUp = (one: Row) =>
    attempt(async () => {
      await done(api.POST("/api/claims/{number}/take", { params: { path: { number: one.number } } }));
      await queries.invalidateQueries({ queryKey: ["desk"] });
    });

  const onward = () => {
    if (desk.hasNextPage && !desk.isFetching) desk.fetchNextPage();
  };
  const choose = (place: number) => setChosen({ number: rows[place]?.number, place });
  const down = () => {
    if (index + 1 < rows.length) choose(index + 1);
    else onward();
  };

  const keys = [
    { key: "ArrowDown", says: t("keys.move"), act: down },
    { key: "ArrowUp", says: t("keys.move"), act: () => choose(Math.max(0, index - 1)) },
    { key: "Alt+O", says: t("keys.open"), act: () => row && open(row.number) },
    { key: "Alt+T", says: t("keys.takeUp"), act: () => row && !row.holder && takeUp(row) },
    { key: "Alt+N", says: t("keys.take"), act: take },
    { key: "Alt+Q", says: t("keys.quick"), act: quick },
    { key: "Alt+I", says: t("keys.import"), act: () => setImporting(true) },
  ];

  return (
    <div className="screen h-screen flex flex-col">
      <Bar />
      <div className="panes flex-1 min-h-0 grid grid-cols-[1fr_300px] grid-rows-[minmax(0,1fr)]">
        <main className="min-w-0 min-h-0 flex flex-col">
          <h1 className="sr-only">{t("desk.title")}</h1>
          <div className="flex flex-wrap lg:flex-nowrap items-center gap-x-4 gap-y-1 px-5 py-1 min-h-[52px] border-b border-base-300">
            <Rounds
              rounds={page?.rounds ?? []}
              drafts={drafts.data?.length ?? 0}
              round={round}
              onRound={(one) => {
                setRound(one);
                setChosen(FIRST);
              }}
            />
            <span className="ml-auto flex gap-2 shrink-0">
              <button type="button" className="btn btn-sm" onClick={quick}>
                {t("desk.quick")}
              </button>
              <button type="button" className="btn btn-sm" onClick={() => setImporting(true)}>
                {t("desk.import")}
              </button>
              <button type="button" className="btn btn-sm btn-primary" onClick={take}>
                {t("desk.take")}
              </button>
            </span>
          </div>
          {refusal && (
            <p role="alert" className="wrong px-5 py-2">
              {refusal}
            </p>
          )}
          {desk.isError && (
            <p role="alert" className="wrong p-5">
              {t("desk.failed", { message: desk.error.message })}
            </p>
          )}
          <Batches />
          <TodaysAppointments />
          <ParkedLine />
          <DueReminders />
          <BrokenGlass />
          <ComingLine />
          <PostLine />
          {round === "decide" && (
            <p className="px-5 py-2 border-b border-base-300">
              <Link to="/alike" className="plain-link">
                {t("alike.open")}
              </Link>
            </p>
          )}
          {desk.isPending && <p className="soft p-5">{t("desk.loading")}</p>}
          {round === "drafts" ? (
            <Drafts drafts={drafts.data ?? []} />
          ) : (
            <div ref={setScrolled} className="flex-1 min-h-0 overflow-y-auto">
              <AxisHead axis={axis} page={page} today={today} scale={scale} />
              <LongList
                label={t("desk.rows")}
                count={rows.length}
                keyOf={(i) => rows[i].number}
                height={HEIGHT}
                within={scrolled}
                shown={index}
              >
                {(i, item) => (
                  <DeskRow
                    key={rows[i].number}
                    row={rows[i]}
                    today={today}
                    scale={scale}
                    chosen={i === index}
                    item={item}
                    onChoose={() => choose(i)}
                    onOpen={() => open(rows[i].number)}
                  />
                )}
              </LongList>
              {desk.data && rows.length === 0 && <p className="soft p-5">{t("desk.empty")}</p>}
              {desk.hasNextPage && (
                <Onward
                  busy={desk.isFetching}
                  failed={desk.isError}
                  onMore={() => void desk.fetchNextPage()}
                />
              )}
            </div>
          )}
        </main>
        <aside
          className="bg-base-200 border-l border-base-300 p-4 overflow-y-auto"
          aria-label={t("desk.next")}
        >
          {round !== "drafts" && row && (
            <Peek row={row} onOpen={() => open(row.number)} onTakeUp={() => takeUp(row)} />
          )}
        </aside>
      </div>
      <KeyStrip keys={keys} />
      {importing && (
        <Suspense>
          <ImportPacket onClose={() => setImporting(false)} />
        </Suspense>
      )}
    </div>
  );
}
