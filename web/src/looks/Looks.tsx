import { useQuery } from "@tanstack/react-query";
import { Link, useNavigate } from "@tanstack/react-router";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";
import { readMonth } from "../draft/typing";
import { Bar } from "../parts/Bar";
import { clockTime, monthInFull, shortDay } from "../parts/format";
import { KeyStrip } from "../parts/Keys";
import { LongList } from "../parts/LongList";

/** Who looked at what in a month, for the auditor and for seniors; what is unusual first. */
export function Looks() {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const [typed, setTyped] = useState("");
  const month = readMonth(typed);
  const looks = useQuery({
    queryKey: ["looks", month],
    queryFn: () => done(api.GET("/api/looks", { params: { query: { month } } })),
  });
  const view = looks.data;
  const looked = view?.looks ?? [];
  const [scrolled, setScrolled] = useState<HTMLElement | null>(null);
  return (
    <div className="screen h-screen flex flex-col">
      <Bar />
      <main ref={setScrolled} className="flex-1 min-h-0 overflow-y-auto px-6 py-4">
        <div className="flex flex-wrap justify-between gap-4 items-end mb-4">
          <h1 className="case text-[1.7rem]">
            {t("looks.title", { month: view ? monthInFull(view.month) : "" })}
          </h1>
          <label className="flex flex-col small">
            {t("looks.month")}
            <input
              className="input input-sm case w-32"
              placeholder="10 2026"
              aria-invalid={typed.trim() !== "" && !month}
              value={typed}
              onChange={(event) => setTyped(event.target.value)}
            />
          </label>
        </div>
        {looks.isError && (
          <p role="alert" className="wrong">
            {looks.error.message}
          </p>
        )}
        {(view?.unusual.length ?? 0) > 0 && (
          <section className="mb-5" aria-label={t("looks.unusual")}>
            <h2 className="head">{t("looks.unusual")}</h2>
            {view?.unusual.map((one) => (
              <p key={one.who + one.hour} className="border-b border-base-300 py-1">
                {t("looks.many", {
                  name: one.who,
                  count: one.households,
                  hour: `${shortDay(one.hour)} ${clockTime(one.hour)}`,
                })}
              </p>
            ))}
          </section>
        )}
        {(view?.theirOwn.length ?? 0) > 0 && (
          <section className="mb-5" aria-label={t("looks.theirOwn")}>
            <h2 className="head">{t("looks.theirOwn")}</h2>
            {view?.theirOwn.map((one) => (
              <p key={one.who + one.household} className="border-b border-base-300 py-1">
                {one.who},{" "}
                <Link to="/households/$id" params={{ id: one.household }} className="plain-link case">
                  {one.householdName}
                </Link>
                <span className="soft"> · {shortDay(one.at)}</span>
              </p>
            ))}
          </section>
        )}
        {view?.looks.length === 0 && <p className="soft">{t("looks.none")}</p>}
        <LongList
          label={t("looks.list")}
          count={looked.length}
          keyOf={(i) => looked[i].at + looked[i].who + looked[i].what + looked[i].household}
          height={38}
          within={scrolled}
        >
          {(i, item) => {
            const look = looked[i];
            return (
              <li
                {...item}
                key={item["data-index"]}
                className="stacks grid grid-cols-[10rem_14rem_10rem_1fr] gap-4 border-b border-base-300 py-1.5"
              >
                <span className="soft">
                  {shortDay(look.at)} {clockTime(look.at)}
                </span>
                <span>{look.who}</span>
                <span>{t(`looks.what.${look.what}`, { defaultValue: look.what })}</span>
                <Link to="/households/$id" params={{ id: look.household }} className="plain-link case">
                  {look.householdName}
                </Link>
              </li>
            );
          }}
        </LongList>
      </main>
      <KeyStrip keys={[{ key: "Alt+D", says: t("keys.desk"), act: () => navigate({ to: "/" }) }]} />
    </div>
  );
}
