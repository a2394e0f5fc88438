import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { api, done, Refusal } from "../api/client";
import { leave } from "./asking";
import { ClaimCard } from "./ClaimCard";
import { Entry } from "./Entry";
import { Offers } from "./Offers";
import { useIdle } from "./useIdle";
import { DoorWords, firstTongue, TONGUES, Tongue } from "./words";

const GONE = [401, 403];

/** The household's door: before it where to turn and what there is, behind it where their claims stand. */
export function Door() {
  const queries = useQueryClient();
  const [language, setLanguage] = useState(firstTongue);
  const [over, setOver] = useState(false);
  const start = useQuery({
    queryKey: ["door", "start", language],
    queryFn: () => done(api.GET("/api/door/start", { params: { query: { language } } })),
    staleTime: Number.POSITIVE_INFINITY,
    placeholderData: (before) => before,
  });
  const standing = useQuery({
    queryKey: ["door", "standing", language],
    queryFn: () => done(api.GET("/api/door/standing", { params: { query: { language } } })),
    retry: false,
    placeholderData: (before) => before,
  });
  const isIn = standing.isSuccess && !over;
  useEffect(() => {
    document.documentElement.lang = start.data?.language ?? "en";
    document.documentElement.dir = start.data?.rightToLeft ? "rtl" : "ltr";
  }, [start.data]);
  useIdle(isIn, () => {
    queries.removeQueries({ queryKey: ["door", "standing"] });
    setOver(true);
  });

  const chooseLanguage = (word: string) => {
    window.history.replaceState(null, "", `/door?language=${word}`);
    setLanguage(word);
  };
  const wasRefused = standing.error instanceof Refusal && GONE.includes(standing.error.status);
  if (!start.data) {
    return start.isError ? <p className="door-page py-6">0555 010 000</p> : null;
  }
  const say = (key: string) => start.data.labels[key] ?? "";
  return (
    <Tongue value={start.data.language}>
      <DoorWords value={start.data.labels}>
        <header className="door-bar">
          <div className="door-page door-top flex items-center justify-between">
            <span className="case text-[1.1rem]">Brackwater</span>
            <button type="button" className="door-button door-leave" onClick={leave}>
              {say("leave")}
            </button>
          </div>
        </header>
        <main className="door-page">
          <nav className="flex gap-5 pt-2" aria-label="Language">
            {TONGUES.map((tongue) => (
              <button
                key={tongue.word}
                type="button"
                lang={tongue.word}
                className="door-tongue"
                aria-current={tongue.word === language || undefined}
                onClick={() => chooseLanguage(tongue.word)}
              >
                {tongue.called}
              </button>
            ))}
          </nav>
          {isIn ? (
            <>
              <h1 className="sr-only">{say("title")}</h1>
              {standing.data.claims.length === 0 && <p className="py-4">{say("nothing")}</p>}
              {standing.data.claims.map((claim) => (
                <ClaimCard key={claim.number} claim={claim} onChanged={() => standing.refetch()} />
              ))}
            </>
          ) : (
            <>
              {over && (
                <p role="status" className="mt-4 font-bold">
                  {say("over")}
                </p>
              )}
              {standing.isError && !wasRefused && (
                <p role="alert" className="mt-4 wrong">
                  {say("offline")}
                </p>
              )}
              <Entry
                onEntered={async () => {
                  await standing.refetch();
                  setOver(false);
                }}
              />
              <Offers offers={start.data.offers} />
            </>
          )}
        </main>
      </DoorWords>
    </Tongue>
  );
}
