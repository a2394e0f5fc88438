import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "@tanstack/react-router";
import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";
import { spoken, vocabulary } from "../i18n/words";
import { Bar } from "../parts/Bar";
import { KeyStrip } from "../parts/Keys";
import { LongList } from "../parts/LongList";
import { TurnMark } from "../parts/TurnMark";
import { useTrying } from "../parts/useTrying";
import { Party } from "./Party";
import { partiesQuery } from "./queries";

const KINDS = vocabulary("partyKind");

/** Those outside whose word claims wait for: one record each, whoever names them. */
export function OutsideParties() {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [kind, setKind] = useState("");
  const [start, setStart] = useState("");
  const [chosen, setChosen] = useState("");
  const [scrolled, setScrolled] = useState<HTMLElement | null>(null);
  const [attempt, refusal] = useTrying();
  const parties = useQuery(partiesQuery(kind, start));
  const rows = parties.data ?? [];
  const index = rows.findIndex((row) => row.id === chosen);
  const choose = (at: number) => rows[at] && setChosen(rows[at].id);
  const add = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    attempt(async () => {
      const fresh = await done(api.POST("/api/parties", { body: { kind, name: start } }));
      queries.setQueryData(["party", fresh.id], fresh);
      await queries.invalidateQueries({ queryKey: ["parties"] });
      setChosen(fresh.id);
    });
  };
  const keys = [
    { key: "ArrowDown", says: t("keys.move"), act: () => choose(index + 1) },
    { key: "ArrowUp", says: t("keys.move"), act: () => choose(Math.max(0, index - 1)) },
    { key: "Alt+F", says: t("party.find"), act: () => document.getElementById("find-outside")?.focus() },
    { key: "Alt+D", says: t("keys.desk"), act: () => navigate({ to: "/" }) },
  ];
  return (
    <div className="screen h-screen flex flex-col">
      <Bar />
      <div className="panes flex-1 min-h-0 grid grid-cols-[26rem_1fr] grid-rows-[minmax(0,1fr)]">
        <section className="min-h-0 flex flex-col border-r border-base-300" aria-label={t("party.list")}>
          <form onSubmit={add} className="flex gap-2 items-end px-5 py-3 border-b border-base-300">
            <label className="flex flex-col small soft">
              {t("party.kind")}
              <select
                className="select select-sm w-36"
                value={kind}
                onChange={(event) => setKind(event.target.value)}
              >
                <option value="">{t("party.all")}</option>
                {KINDS.map((one) => (
                  <option key={one} value={one}>
                    {spoken(one, "partyKind")}
                  </option>
                ))}
              </select>
            </label>
            <label className="flex flex-col small soft flex-1 min-w-0">
              {t("party.name")}
              <input
                id="find-outside"
                className="input input-sm case w-full"
                value={start}
                onChange={(event) => setStart(event.target.value)}
              />
            </label>
            {kind && start.trim() && parties.isSuccess && rows.length === 0 && (
              <button type="submit" className="btn btn-sm btn-primary">
                {t("party.add")}
              </button>
            )}
          </form>
          {(refusal || parties.isError) && (
            <p role="alert" className="wrong px-5 py-2">
              {refusal || t("party.failed", { message: parties.error?.message })}
            </p>
          )}
          <div ref={setScrolled} className="min-h-0 overflow-y-auto flex-1">
            <LongList
              label={t("party.list")}
              count={rows.length}
              keyOf={(i) => rows[i].id}
              height={45}
              within={scrolled}
              shown={index < 0 ? undefined : index}
            >
              {(i, item) => {
                const row = rows[i];
                return (
                  <li {...item} key={row.id} className="border-b border-base-300">
                    <button
                      type="button"
                      aria-current={row.id === chosen}
                      className={`w-full min-h-11 px-5 py-1 text-left cursor-pointer border-l-3 flex justify-between gap-3 items-baseline ${row.id === chosen ? "bg-(--chosen) border-primary" : "border-transparent"}`}
                      onClick={() => setChosen(row.id)}
                    >
                      <span className="min-w-0">
                        <span className="case">{row.name}</span>
                        <span className="soft small block">{spoken(row.kind, "partyKind")}</span>
                      </span>
                      {row.waiting > 0 && (
                        <span className="small whitespace-nowrap">
                          <TurnMark turn="thirdParty" /> {t("party.waiting", { count: row.waiting })}
                        </span>
                      )}
                    </button>
                  </li>
                );
              }}
            </LongList>
            {parties.isSuccess && rows.length === 0 && (
              <p className="soft p-5">{t(kind && start.trim() ? "party.unknown" : "party.empty")}</p>
            )}
          </div>
        </section>
        <main className="min-w-0 min-h-0 overflow-y-auto px-6 py-4">
          {chosen ? (
            <Party key={chosen} id={chosen} onOther={setChosen} />
          ) : (
            <>
              <h1 className="case text-[1.7rem]">{t("party.heading")}</h1>
              <p className="soft max-w-xl">{t("party.purpose")}</p>
            </>
          )}
        </main>
      </div>
      <KeyStrip keys={keys} />
    </div>
  );
}
