import { useQuery, useQueryClient } from "@tanstack/react-query";
import { lazy, Suspense, useCallback, useEffect, useState } from "react";
import { api, done, Refusal } from "../api/client";
import { leave } from "./asking";
import { Begin } from "./Begin";
import { Entry } from "./Entry";
import { forgetAll } from "./laidBy";
import { Offers } from "./Offers";
import { PartEntry } from "./PartEntry";
import { SignEntry } from "./SignEntry";
import { useIdle } from "./useIdle";
import { DoorWords, firstTongue, TONGUES, Tongue } from "./words";

const NOBODY = 401;
const APPLIES = 403;

/** Two who ask at once who they are get one answer: none of them is given up for the other. */
const TOGETHER = { cancelRefetch: false };

// Who only looks what there is does without them.
const Inside = lazy(() => import("./Inside").then((read) => ({ default: read.Inside })));
const Apply = lazy(() => import("./Apply").then((read) => ({ default: read.Apply })));
const Cosign = lazy(() => import("./Cosign").then((read) => ({ default: read.Cosign })));

/** The code of the form whose picture led here; it does not stay in the address. */
function takeCode(): string {
  const code = /^#code=([A-Z0-9-]{12,14})$/.exec(window.location.hash)?.[1] ?? "";
  if (code) window.history.replaceState(null, "", window.location.pathname + window.location.search);
  return code;
}

/** The household's door: before it where to turn and what there is, behind it where their claims stand. */
export function Door() {
  const queries = useQueryClient();
  const [language, setLanguage] = useState(firstTongue);
  const [over, setOver] = useState(false);
  const [told, setTold] = useState("");
  const [scanned] = useState(takeCode);
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
  const lookAgain = standing.refetch;
  const refused = standing.error instanceof Refusal ? standing.error.status : 0;
  const isIn = standing.isSuccess && !over;
  // Who applies goes on doing so while it is asked again who they are, as after a lost connection.
  const [applies, setApplies] = useState(false);
  useEffect(() => {
    // What somebody before left here can't be read any more.
    if (refused === NOBODY) forgetAll();
    if (refused === APPLIES) setApplies(true);
    else if (refused === NOBODY || standing.isSuccess) setApplies(false);
  }, [refused, standing.isSuccess]);
  const [signs, setSigns] = useState(false);
  const isSigning = signs && !over;
  const isApplying = applies && !signs && !over;
  useEffect(() => {
    document.documentElement.lang = start.data?.language ?? "en";
    document.documentElement.dir = start.data?.rightToLeft ? "rtl" : "ltr";
  }, [start.data]);
  const end = useCallback(() => {
    forgetAll();
    queries.removeQueries({ queryKey: ["door", "standing"] });
    queries.removeQueries({ queryKey: ["door", "application"] });
    queries.removeQueries({ queryKey: ["door", "signing"] });
    setSigns(false);
    setOver(true);
  }, [queries]);
  useIdle(isIn || isApplying || isSigning, end);
  /** Looks who they are now; whether they are in, where their claims stand. */
  const comeIn = async () => {
    const seen = await standing.refetch(TOGETHER);
    setOver(false);
    return seen.isSuccess;
  };
  /** Whoever may neither look nor apply was asked to sign; who lodged a moment ago may look. */
  const lookWhetherTheySign = useCallback(async () => {
    const seen = await lookAgain(TOGETHER);
    if (seen.error instanceof Refusal && seen.error.status === APPLIES) setSigns(true);
  }, [lookAgain]);

  const chooseLanguage = (word: string) => {
    window.history.replaceState(null, "", `/door?language=${word}`);
    setLanguage(word);
  };
  if (!start.data) {
    return start.isError ? <p className="door-page py-6">0555 010 000</p> : null;
  }
  const say = (key: string) => start.data.labels[key] ?? "";
  return (
    <Tongue value={start.data.language}>
      <DoorWords value={start.data.labels}>
        <header className="door-bar">
          <div className="door-page door-top flex flex-wrap items-center justify-between gap-x-4">
            <span className="case text-[1.1rem]">Brackwater</span>
            <button type="button" className="door-button door-leave" onClick={leave}>
              {say("leave")}
            </button>
          </div>
        </header>
        <main className="door-page">
          {start.data.demo && <p className="soft small pt-2">{say("demo")}</p>}
          <nav className="flex flex-wrap gap-x-5 pt-2" aria-label="Language">
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
          {told && (
            <p role="status" className="door-band mt-4 font-bold">
              {say(told)}
              {told.startsWith("sign.done") && (
                <span className="block mt-2 font-normal">{say("sign.next")}</span>
              )}
            </p>
          )}
          {isSigning ? (
            <Suspense fallback={null}>
              <Cosign onOver={end} />
            </Suspense>
          ) : isApplying ? (
            <Suspense fallback={null}>
              <Apply
                language={language}
                onOver={end}
                onSigns={lookWhetherTheySign}
                onLodged={async (forAnother) => {
                  const isLodged = await comeIn();
                  if (isLodged) setTold(forAnother ? "sign.doneForAnother" : "sign.done");
                  window.scrollTo(0, 0);
                  return isLodged;
                }}
                onAside={() => {
                  setTold("apply.asideDone");
                  void standing.refetch();
                }}
                onBack={comeIn}
              />
            </Suspense>
          ) : isIn ? (
            <Suspense fallback={null}>
              <Inside
                standing={standing.data}
                onChanged={() => standing.refetch()}
                onAppealed={() => {
                  setTold("appeal.sent");
                  void standing.refetch();
                  window.scrollTo(0, 0);
                }}
                onBegun={async () => {
                  setTold("");
                  await comeIn();
                }}
              />
            </Suspense>
          ) : (
            <>
              {over && (
                <p role="status" className="mt-4 font-bold">
                  {say("over")}
                </p>
              )}
              {standing.isError && refused !== NOBODY && (
                <p role="alert" className="mt-4 wrong">
                  {say("offline")}
                </p>
              )}
              <Entry onEntered={comeIn} />
              <details className="door-more mt-4">
                <summary className="font-bold">{say("apply.again")}</summary>
                <Begin onBegun={comeIn} />
              </details>
              <details className="door-more mt-4">
                <summary className="font-bold">{say("signer.open")}</summary>
                <SignEntry
                  onEntered={() => {
                    setOver(false);
                    setSigns(true);
                  }}
                />
              </details>
              <details className="door-more mt-4" open={scanned !== "" || undefined}>
                <summary className="font-bold">{say("part.open")}</summary>
                <PartEntry scanned={scanned} />
              </details>
              <Offers offers={start.data.offers} onBegun={comeIn} />
            </>
          )}
        </main>
      </DoorWords>
    </Tongue>
  );
}
