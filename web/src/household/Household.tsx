import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useNavigate, useParams } from "@tanstack/react-router";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done, type Schemas } from "../api/client";
import { useSession } from "../api/session";
import type { Contact } from "../draft/packet";
import { spoken } from "../i18n/words";
import { Bar } from "../parts/Bar";
import { shortDay } from "../parts/format";
import { Key, KeyStrip } from "../parts/Keys";
import { PeopleTokens } from "../parts/PeopleTokens";
import { useTrying } from "../parts/useTrying";
import { waysToReach } from "../parts/waysToReach";
import { CopyOut } from "./CopyOut";
import { Deaths } from "./Deaths";
import { Facts } from "./Facts";
import { Gets } from "./Gets";
import { HouseholdClaims } from "./HouseholdClaims";
import { Moved } from "./Moved";
import { MovingIn } from "./MovingIn";
import { Notices } from "./Notices";
import { Parting } from "./Parting";
import { Restricted } from "./Restricted";
import { Times, type TwoTimes } from "./Times";

/** All there is of a household on one page, as it stood on any day. */
export function Household() {
  const { t } = useTranslation();
  const { id } = useParams({ strict: false }) as { id: string };
  const navigate = useNavigate();
  const queries = useQueryClient();
  const session = useSession();
  const [times, setTimes] = useState<TwoTimes>({});
  const [noting, setNoting] = useState(false);
  const [parting, setParting] = useState(false);
  const [movingIn, setMovingIn] = useState(false);
  const [copying, setCopying] = useState(false);
  const [attempt, refusal] = useTrying();
  const household = useQuery({
    queryKey: ["household", id, times],
    queryFn: () =>
      done(api.GET("/api/households/{household}", { params: { path: { household: id }, query: times } })),
    placeholderData: (before: Schemas["HouseholdView"] | undefined) => before,
  });
  const view = household.data;
  const isSenior = session?.role === "senior caseworker";
  const works = session?.role === "caseworker" || isSenior;
  const report = () =>
    attempt(async () => {
      const fresh = await done(
        api.POST("/api/households/{household}/changes", { params: { path: { household: id } } }),
      );
      queries.setQueryData(["application", fresh.id], fresh);
      navigate({ to: "/applications/$id", params: { id: fresh.id } });
    });
  const keys = [
    ...(works && view && view.people.length > 0
      ? [{ key: "Alt+C", says: t("household.report").toLowerCase(), act: report }]
      : []),
    { key: "Alt+D", says: t("keys.desk"), act: () => navigate({ to: "/" }) },
  ];
  return (
    <div className="screen h-screen flex flex-col">
      <Bar />
      <main className="flex-1 min-h-0 overflow-y-auto">
        {household.isPending && <p className="soft p-5">{t("household.loading")}</p>}
        {household.isError && (
          <p role="alert" className="wrong p-5">
            {household.error.message}
          </p>
        )}
        {view && (
          <>
            <header className="px-6 pt-4 pb-3 border-b border-base-300">
              <div className="flex flex-wrap justify-between gap-x-6 gap-y-2 items-start">
                <div>
                  <h1 className="case text-[1.7rem] leading-tight">{view.name}</h1>
                  <p className="soft">{view.town}</p>
                </div>
                <PeopleTokens people={view.people} today={view.holdsOn} />
              </div>
              <p className="mt-1">
                {(view.contact && waysToReach(view.contact as Contact, t).join(" · ")) || t("speaking.none")}
              </p>
              {view.acting.map((one) => (
                <p key={one.id} className={one.over ? "soft" : ""}>
                  <span className="case">{one.name}</span>, {spoken(one.right, "actingRight")}
                  {one.until && `, ${t("acting.untilDay", { date: shortDay(one.until) })}`}
                </p>
              ))}
              <Moved view={view} />
              <Restricted
                view={view}
                senior={isSenior}
                onChanged={() => queries.invalidateQueries({ queryKey: ["household", id] })}
              />
              <div className="flex flex-wrap items-end justify-between gap-4 mt-3">
                <Times view={view} times={times} onTimes={setTimes} />
                {works && view.people.length > 0 && (
                  <p className="flex flex-wrap items-center gap-4">
                    {isSenior && (
                      <button type="button" className="plain-link" onClick={() => setCopying(true)}>
                        {t("copyOut.open")}
                      </button>
                    )}
                    <button type="button" className="plain-link" onClick={() => setParting(true)}>
                      {t("parting.open")}
                    </button>
                    <button type="button" className="plain-link" onClick={() => setMovingIn(true)}>
                      {t("movingIn.open")}
                    </button>
                    <button type="button" className="plain-link" onClick={() => setNoting(true)}>
                      {t("death.open")}
                    </button>
                    <button type="button" className="btn btn-primary" onClick={report}>
                      {t("household.report")} <Key of="Alt+C" />
                    </button>
                  </p>
                )}
              </div>
              {refusal && (
                <p role="alert" className="wrong mt-2">
                  {refusal}
                </p>
              )}
            </header>
            <Notices household={id} today={view.today} works={works} pins={works} />
            {isSenior && copying && <CopyOut household={id} onOver={() => setCopying(false)} />}
            {works && parting && (
              <Parting household={id} today={view.today} onOver={() => setParting(false)} />
            )}
            {works && movingIn && (
              <MovingIn household={id} today={view.today} onOver={() => setMovingIn(false)} />
            )}
            {works && (
              <Deaths household={id} today={view.today} noting={noting} onNoted={() => setNoting(false)} />
            )}
            <HouseholdClaims claims={view.claims} today={view.today} />
            <div className="stacks grid grid-cols-[minmax(0,3fr)_minmax(0,2fr)] gap-x-10 px-6 py-4">
              <Facts view={view} />
              <Gets view={view} />
            </div>
          </>
        )}
      </main>
      <KeyStrip keys={keys} />
    </div>
  );
}
