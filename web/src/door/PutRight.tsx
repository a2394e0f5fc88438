import { type FormEvent, useLayoutEffect, useRef, useState } from "react";
import type { Schemas } from "../api/client";
import { Against } from "./Against";
import { put } from "./asking";
import { NameField } from "./NameField";
import { useTries } from "./useTries";
import { useSay, useTongue } from "./words";

interface Props {
  claim: string;
  answers: Schemas["PutRight"][];
  onUnread: (unread: Schemas["DoorUnread"][]) => void;
  onSent: () => void;
}

/** What was answered, looked over as it was told and as it will be; then signed anew and sent. */
export function PutRight({ claim, answers, onUnread, onSent }: Props) {
  const say = useSay();
  const language = useTongue();
  const [looked, setLooked] = useState<Schemas["DoorCorrection"]>();
  const [name, setName] = useState("");
  const [otherName, setOtherName] = useState("");
  const { against, busy, trying } = useTries();
  const path = `claims/${claim}/corrections`;
  const look = () =>
    trying(async () => {
      const response = await put(`${path}/look`, { answers, language });
      if (!response.ok) return "failed";
      const answered: Schemas["DoorCorrection"] = await response.json();
      onUnread(answered.unread);
      if (answered.unread.length === 0) setLooked(answered);
      return "";
    });
  const send = () =>
    trying(async () => {
      setOtherName("");
      const response = await put(path, { answers, name, language });
      if (!response.ok) return "failed";
      const taken: Schemas["TakenCorrection"] = await response.json();
      setOtherName(taken.otherName);
      if (!taken.otherName) onSent();
      return "";
    });
  useBackOnline(Boolean(looked && against === "offline"), send);
  if (!looked) {
    return (
      <>
        <Against says={against && say(against)} />
        <button
          type="button"
          className="door-button door-main mt-3 mb-5"
          disabled={busy || answers.length === 0}
          onClick={look}
        >
          {say("putRight.look")}
        </button>
      </>
    );
  }
  return (
    <form
      className="door-band mt-4 mb-5"
      onSubmit={(event: FormEvent) => {
        event.preventDefault();
        void send();
      }}
    >
      <h4 className="case text-[1.15rem]">{say("putRight.title")}</h4>
      <dl>
        {looked.changes.map((one) => (
          <div key={one.item} className="py-2">
            <dt className="soft">{one.what}</dt>
            <dd>
              {one.same ? (
                <>
                  <strong>{one.after}</strong> <span className="soft">{say("putRight.same")}</span>
                </>
              ) : (
                <>
                  <span className="soft">{say("putRight.before")}</span> {one.before}
                  <br />
                  <span className="soft">{say("putRight.after")}</span> <strong>{one.after}</strong>
                </>
              )}
            </dd>
          </div>
        ))}
      </dl>
      <p className="font-bold mt-2">{say("sign.stated")}</p>
      <ul className="list-disc ps-5 mb-3">
        {looked.stated.map((one) => (
          <li key={one}>{one}</li>
        ))}
      </ul>
      <NameField label={say("putRight.name")} name={name} onName={setName} />
      <p role="alert" className={otherName ? "wrong my-3" : "my-3"}>
        {otherName}
      </p>
      <Against says={against && say(against === "offline" ? "putRight.waits" : against)} />
      <div className="flex flex-wrap gap-3">
        <button type="submit" className="door-button door-main" disabled={busy}>
          {say("putRight.send")}
        </button>
        <button type="button" className="door-button" onClick={() => setLooked(undefined)}>
          {say("putRight.back")}
        </button>
      </div>
    </form>
  );
}

/** Does once more what failed for want of a connection, as soon as there is one. */
function useBackOnline(waits: boolean, again: () => void): void {
  const latest = useRef(again);
  latest.current = again;
  // Listened for before it is said that it waits: a connection may be back at once.
  useLayoutEffect(() => {
    if (!waits) return;
    const back = () => latest.current();
    window.addEventListener("online", back);
    return () => window.removeEventListener("online", back);
  }, [waits]);
}
