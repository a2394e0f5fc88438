import { useQuery } from "@tanstack/react-query";
import { type FormEvent, useEffect, useRef, useState } from "react";
import { api, done, type Schemas } from "../api/client";
import { ApplyPage } from "./ApplyPage";
import { put } from "./asking";
import { refusedWith, useTries } from "./useTries";
import { useSay, useTongue } from "./words";

const VERDICTS: Record<string, string> = {
  worthwhile: "look.worthwhile",
  not: "look.not",
  open: "look.unsure",
};
/** Until others are counted it is one who asks. */
const ALONE = { adults: "1", from14: "0", under14: "0" };
const CHILDREN = ["from14", "under14"];

/** Before anybody asks for something: whether it could be for them, with every reason, and what it could come to. */
export function LookFirst({ service }: { service: string }) {
  const say = useSay();
  const language = useTongue();
  const [typed, setTyped] = useState<Record<string, string>>(ALONE);
  const [seen, setSeen] = useState<{ look: Schemas["DoorLook"]; language: string }>();
  // What was said in another language is not what is read now.
  const look = seen?.language === language ? seen.look : undefined;
  const { against, busy, trying } = useTries();
  const said = useRef<HTMLDivElement>(null);
  const asked = useQuery({
    queryKey: ["door", "look", service, language],
    queryFn: () =>
      done(api.GET("/api/door/first-look/{service}", { params: { path: { service }, query: { language } } })),
    staleTime: Number.POSITIVE_INFINITY,
    placeholderData: (before) => before,
  });
  useEffect(() => {
    if (look && look.wrong.length === 0) said.current?.focus();
  }, [look]);
  if (!asked.data) return asked.isError ? <p className="wrong">{say("offline")}</p> : null;
  const people = called(asked.data, typed);
  const type = (answers: Record<string, string>) => {
    setTyped((old) => ({ ...old, ...answers }));
    // What was said to something else is not said to this; what was wrong stays until it is looked at again.
    if (look?.wrong.length === 0) setSeen(undefined);
  };
  const go = (event: FormEvent) => {
    event.preventDefault();
    void trying(async () => {
      const response = await put(`first-look/${service}`, { typed, language });
      if (!response.ok) return refusedWith(response, "failed");
      setSeen({ look: await response.json(), language });
      return "";
    });
  };
  const wrong = Object.fromEntries(look?.wrong.map((one) => [one.name, one.says]) ?? []);
  if (asked.data.groups.length === 0) return <p className="pb-4">{say("look.none")}</p>;
  return (
    <section className="pb-4" aria-label={say("look.open")}>
      <form onSubmit={go} noValidate>
        <p className="soft mb-3">{say("look.note")}</p>
        {asked.data.groups.map((group) => (
          <fieldset key={group.asks[0]?.name} className="mb-2">
            {group.title && <legend className="font-bold mb-2">{group.title}</legend>}
            <ApplyPage asks={group.asks} values={typed} wrong={wrong} people={people} onType={type} />
          </fieldset>
        ))}
        <button type="submit" className="door-button" disabled={busy}>
          {say("look.go")}
        </button>
        {against && (
          <p role="alert" className="wrong mt-2">
            {say(against)}
          </p>
        )}
      </form>
      {asked.data.limits.length > 0 && (
        <details className="door-more mt-4">
          <summary>{say("look.limits")}</summary>
          <dl className="pb-3">
            {asked.data.limits.map((one) => (
              <div key={one.label} className="mb-2">
                <dt className="soft">{one.label}</dt>
                <dd>{one.value}</dd>
              </div>
            ))}
          </dl>
        </details>
      )}
      <div ref={said} tabIndex={-1} role="status" className="outline-none">
        {look && look.wrong.length === 0 && <Said look={look} />}
      </div>
    </section>
  );
}

/** The people to choose from: as many as are counted, told by their numbers. */
function called(asked: Schemas["ToAsk"], typed: Record<string, string>): [string, string][] {
  const grown = Math.max(1, count(typed.adults));
  const children = CHILDREN.reduce((sum, of) => sum + count(typed[of]), 0);
  return [...asked.grown.slice(0, grown), ...asked.children.slice(0, children)].map((name, row) => [
    String(row + 1),
    name,
  ]);
}

const count = (text = "") => (/^\d{1,2}$/.test(text.trim()) ? Number(text) : 0);

function Said({ look }: { look: Schemas["DoorLook"] }) {
  const say = useSay();
  return (
    <div className="door-band mt-4">
      <p className="font-bold text-[1.15rem]">{say(VERDICTS[look.verdict] ?? "look.unsure")}</p>
      {look.comes.length > 0 && (
        <>
          <h3 className="font-bold mt-3">{say("look.comes")}</h3>
          {look.comes.map((one) => (
            <p key={one}>{one}</p>
          ))}
        </>
      )}
      {look.reasons.length > 0 && (
        <>
          <h3 className="font-bold mt-3">{say("look.reasons")}</h3>
          <ul>
            {look.reasons.map((one) => (
              <li key={one.says} className="door-reason">
                <span className={one.outcome === "met" ? "soft" : "font-bold"}>
                  {say(`look.${one.outcome}`)}
                </span>
                <span>{one.says}</span>
              </li>
            ))}
          </ul>
        </>
      )}
      {look.sums.length > 0 && (
        <dl className="mt-3">
          {look.sums.map((one) => (
            <div key={one.label} className="flex flex-wrap justify-between gap-x-4">
              <dt>{one.label}</dt>
              <dd className="case ms-auto">{one.value}</dd>
            </div>
          ))}
        </dl>
      )}
      <p className="mt-3">{say("look.anyway")}</p>
    </div>
  );
}
