import { useQuery } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { api, done, Refusal, type Schemas } from "../api/client";
import { AlsoAsk } from "./AlsoAsk";
import { ApplyPage } from "./ApplyPage";
import { Aside } from "./Aside";
import { EarlyPapers } from "./EarlyPapers";
import { ForOthers, isForAnother } from "./ForOthers";
import { GoBack } from "./GoBack";
import { HereAgain } from "./HereAgain";
import { LookUp } from "./LookUp";
import { OnPaper } from "./OnPaper";
import { lastWhere, peopleOf } from "./rows";
import { SignPage } from "./SignPage";
import { useKeeping } from "./useKeeping";
import { useSay } from "./words";

/** Who is there may see something else. */
const ANOTHER = 403;

interface Props {
  language: string;
  /** It is in; whether it was asked for somebody else. */
  onLodged: (forAnother: boolean) => Promise<boolean>;
  onAside: () => void;
  /** The visit is over: what was typed is not sent any more. */
  onOver: () => void;
  /** Whoever is there does not apply: they were asked to sign. */
  onSigns: () => Promise<void>;
  /** They are back where their claims stand. */
  onBack: () => Promise<unknown>;
}

/** An application taken by whoever it is of, wherever they are. */
export function Apply({ language, onLodged, onAside, onOver, onSigns, onBack }: Props) {
  const say = useSay();
  const form = useQuery({
    queryKey: ["door", "application", language],
    queryFn: () => done(api.GET("/api/door/application", { params: { query: { language } } })),
    gcTime: 0,
    retry: (count, problem) => !(problem instanceof Refusal) && count < 3,
    placeholderData: (before) => before,
  });
  const isAnother = form.error instanceof Refusal && form.error.status === ANOTHER;
  useEffect(() => {
    if (isAnother) void onSigns();
  }, [isAnother, onSigns]);
  const reload = useCallback(async () => {
    await form.refetch();
  }, [form.refetch]);
  if (!form.data) {
    return form.isError ? (
      <p role="alert" className="mt-4 wrong">
        {say("offline")}
      </p>
    ) : null;
  }
  if (form.data.elsewhere) {
    return (
      <>
        <h1 className="case text-[1.4rem] mt-4">{form.data.title}</h1>
        <p role="status" className="py-4">
          {say("apply.elsewhere")}
        </p>
      </>
    );
  }
  return (
    <Pages
      form={form.data}
      language={language}
      onOvertaken={reload}
      onKept={reload}
      onLodged={onLodged}
      onAside={onAside}
      onOver={onOver}
      onBack={onBack}
    />
  );
}

interface PagesProps {
  form: Schemas["DoorForm"];
  language: string;
  onOvertaken: () => void;
  onKept: () => Promise<void>;
  onLodged: (forAnother: boolean) => Promise<boolean>;
  onAside: () => void;
  onOver: () => void;
  onBack: () => Promise<unknown>;
}

/** A group of questions at a time, how far it is, and whether what was typed is kept. */
function Pages({ form, language, onOvertaken, onKept, onLodged, onAside, onOver, onBack }: PagesProps) {
  const say = useSay();
  const [page, setPage] = useState(() => firstToDo(form));
  const [typed, setTyped] = useState<Record<string, string>>({});
  const [found, setFound] = useState<Schemas["DoorWrong"][]>([]);
  const [unsent, setUnsent] = useState<ReadonlySet<string>>(new Set());
  const [isAgain, setAgain] = useState(false);
  const [lookedUp, setLookedUp] = useState("");
  const keeping = useKeeping(form.version, language, onOvertaken, onOver, (left) => {
    setTyped((before) => ({ ...left, ...before }));
    const at = form.pages.findIndex((one) => one.asks.some((ask) => ask.name in left));
    if (at >= 0) setPage(at);
    setAgain(true);
  });
  const head = useRef<HTMLHeadingElement>(null);
  const turned = useRef(false);

  // What the server made of it stands from now on; what was typed since is typed still.
  const { isWaiting, version } = keeping;
  useEffect(() => {
    // It may have been asked for before the last saving: then what was saved is not in it yet.
    if (form.version < version()) return;
    setTyped((before) => Object.fromEntries(Object.entries(before).filter(([name]) => isWaiting(name))));
  }, [form.version, isWaiting, version]);
  useEffect(() => {
    if (turned.current) head.current?.focus();
    turned.current = true;
    window.scrollTo(0, 0);
  }, [page]);

  const values: Record<string, string> = {};
  for (const ask of [...form.others, ...form.pages.flatMap((one) => one.asks)])
    values[ask.name] = typed[ask.name] ?? ask.value;
  const wrong: Record<string, string> = {};
  for (const ask of form.pages.flatMap((one) => one.asks)) {
    if (ask.wrong && !(ask.name in typed)) wrong[ask.name] = ask.wrong;
  }
  for (const one of [...keeping.wrong, ...found]) if (one.name) wrong[one.name] = one.says;

  const type = (more: Record<string, string>) => {
    setTyped((before) => ({ ...before, ...more }));
    setFound((before) => before.filter((one) => !(one.name in more)));
    keeping.type(more);
  };
  const goTo = async (next: number) => {
    const here = form.pages[page];
    const asks = [...(page === 0 ? form.others : []), ...(here?.asks ?? [])];
    if (here) keeping.type(Object.fromEntries(asks.map((ask) => [ask.name, values[ask.name] ?? ""])));
    setPage(next);
    if (await keeping.settle()) await onKept();
  };
  // Whose the contact is depends on who it is asked for: what stands there now is read again.
  const readAgain = async () => {
    if (await keeping.settle()) await onKept();
  };
  const hold = useCallback((about: string, isHolding: boolean) => {
    setUnsent((before) => {
      const now = new Set(before);
      if (isHolding) now.add(about);
      else now.delete(about);
      return now;
    });
  }, []);
  const last = form.pages.length;
  const shown = form.pages[page];
  return (
    <article className="mt-3">
      <p className="soft">{form.title}</p>
      <h1 ref={head} tabIndex={-1} className="case text-[1.5rem] leading-tight">
        {shown ? shown.title : say("sign.page")}
      </h1>
      <div className="door-far" aria-hidden="true">
        {Array.from({ length: last + 1 }, (_, i) => (
          <span key={i} data-done={i <= page || undefined} />
        ))}
      </div>
      <p className="soft flex flex-wrap justify-between gap-x-4 mb-4">
        <span>{shown ? shown.where : form.lastPage}</span>
        <span role="status">
          {keeping.state === "saving"
            ? say("apply.saving")
            : keeping.state === "kept"
              ? say("apply.saved")
              : ""}
        </span>
      </p>
      <HereAgain isAgain={isAgain} />
      {keeping.state === "offline" && (
        <p role="alert" className="door-band my-4 font-bold">
          {say("apply.notSaved")}
        </p>
      )}
      {shown ? (
        <form
          autoComplete="off"
          onSubmit={(event) => {
            event.preventDefault();
            void goTo(page + 1);
          }}
        >
          {page === 0 && form.lookUp && (
            <LookUp
              until={form.lookUp}
              version={keeping.version}
              settle={keeping.settle}
              onLookedUp={async (says) => {
                await onKept();
                setLookedUp(says);
              }}
            />
          )}
          {page === 0 && (
            <p role="status" className={lookedUp ? "door-band my-4" : ""}>
              {lookedUp}
            </p>
          )}
          <p className="soft mb-4">{say(form.known ? "again.look" : "apply.skip")}</p>
          {page === 0 && form.others.length > 0 && (
            <ForOthers asks={form.others} values={values} wrong={wrong} onType={type} onAnother={readAgain} />
          )}
          <ApplyPage
            key={page}
            asks={shown.asks}
            values={values}
            wrong={wrong}
            people={peopleOf(form.pages, values)}
            onType={type}
          />
          <div className="flex flex-wrap gap-3 mt-2">
            <button type="submit" className="door-button door-main">
              {say("apply.on")}
            </button>
            {page > 0 && (
              <button type="button" className="door-button" onClick={() => void goTo(page - 1)}>
                {say("apply.back")}
              </button>
            )}
          </div>
        </form>
      ) : (
        <>
          <SignPage
            version={keeping.version}
            settle={keeping.settle}
            onGoTo={(to, against) => {
              setFound(against);
              setPage(to);
            }}
            onLodged={() => onLodged(isForAnother(values))}
            isUnsent={unsent.size > 0}
          >
            <EarlyPapers onHolding={hold} />
            <AlsoAsk
              more={form.more}
              version={keeping.version}
              settle={keeping.settle}
              onAsked={async () => {
                // Its first page is where the one to sign was.
                await onKept();
              }}
            />
          </SignPage>
          <button type="button" className="door-button mt-4" onClick={() => setPage(last - 1)}>
            {say("apply.back")}
          </button>
          <OnPaper services={form.services} />
        </>
      )}
      {form.known && <GoBack settle={keeping.settle} onBack={onBack} />}
      <Aside onAside={onAside} />
    </article>
  );
}

/** The first page behind the last on which something is typed; of what is known all of it is looked over. */
function firstToDo(form: Schemas["DoorForm"]): number {
  if (form.known) return 0;
  const typed = lastWhere(form.pages, (page) => page.asks.some((ask) => ask.value));
  // The contact is there from the beginning.
  const begun = form.pages[0]?.asks.filter((ask) => ask.value).length ?? 0;
  return typed > 0 || begun > 1 ? typed + 1 : 0;
}
