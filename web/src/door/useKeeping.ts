import { useCallback, useEffect, useRef, useState } from "react";
import { done, Refusal, type Schemas, token } from "../api/client";
import { forget, laidBy, layBy } from "./laidBy";

/** Where what is typed is kept on the device until the server has it. */
const PLACE = "application";

/** How long nobody types before it is sent. Milliseconds. */
const PAUSE = 900;
const AGAIN_AFTER = 4_000;
const OVERTAKEN = 412;
const OVER = [401, 403];

export type Kept = "kept" | "saving" | "offline";

interface Keeping {
  state: Kept;
  wrong: Schemas["DoorWrong"][];
  /** Takes what was typed; it is sent once nobody types for a moment. */
  type: (typed: Record<string, string>) => void;
  /** Sends what was typed and is not sent yet; whether all of it is kept. */
  settle: () => Promise<boolean>;
  /** Whether something was typed there that is not kept yet. */
  isWaiting: (name: string) => boolean;
  version: () => number;
}

/** Keeps what is typed with the server; what could not be sent stays and is sent as soon as there is a connection. */
export function useKeeping(
  begun: number,
  language: string,
  onOvertaken: () => void,
  onOver: () => void,
  onFound: (typed: Record<string, string>) => void,
): Keeping {
  const [state, setState] = useState<Kept>("kept");
  const [wrong, setWrong] = useState<Schemas["DoorWrong"][]>([]);
  const version = useRef(begun);
  const waiting = useRef<Record<string, string>>({});
  const sending = useRef<Record<string, string>>({});
  const under = useRef(Promise.resolve(true));
  const pause = useRef(0);

  const sendAll = useCallback(async (): Promise<boolean> => {
    while (Object.keys(waiting.current).length > 0) {
      const values = waiting.current;
      waiting.current = {};
      sending.current = values;
      setState("saving");
      try {
        const saved = await put({ version: version.current, language, values });
        version.current = saved.version;
        setWrong(saved.wrong);
      } catch (problem) {
        waiting.current = { ...values, ...waiting.current };
        if (problem instanceof Refusal && problem.status === OVERTAKEN) {
          waiting.current = {};
          onOvertaken();
        } else if (problem instanceof Refusal && OVER.includes(problem.status)) {
          onOver();
        }
        setState("offline");
        return false;
      } finally {
        sending.current = {};
      }
    }
    setState("kept");
    void forget(PLACE);
    return true;
  }, [language, onOvertaken, onOver]);

  // One after the other: two at once would each be of the same version, and one of them overtaken.
  const settle = useCallback(() => {
    window.clearTimeout(pause.current);
    under.current = under.current.then(sendAll);
    return under.current;
  }, [sendAll]);

  const type = useCallback(
    (typed: Record<string, string>) => {
      waiting.current = { ...waiting.current, ...typed };
      const held = { version: version.current, typed: { ...sending.current, ...waiting.current } };
      void layBy(PLACE, { text: JSON.stringify(held), files: [] });
      window.clearTimeout(pause.current);
      pause.current = window.setTimeout(() => void settle(), PAUSE);
    },
    [settle],
  );

  useEffect(() => {
    if (state !== "offline") return;
    const again = () => void settle();
    window.addEventListener("online", again);
    const trying = window.setInterval(again, AGAIN_AFTER);
    return () => {
      window.removeEventListener("online", again);
      window.clearInterval(trying);
    };
  }, [state, settle]);

  const found = useRef(onFound);
  found.current = onFound;
  useEffect(() => {
    void laidBy(PLACE).then((left) => {
      if (!left) return;
      const held = JSON.parse(left.text);
      // Whoever typed elsewhere meanwhile is not written over.
      if (held.version !== version.current) return;
      type({ ...held.typed, ...waiting.current });
      found.current(held.typed);
    });
  }, [type]);

  useEffect(() => {
    // What was asked for before the last saving may come after it.
    version.current = Math.max(version.current, begun);
  }, [begun]);

  const isWaiting = useCallback((name: string) => name in waiting.current || name in sending.current, []);
  const versionKept = useCallback(() => version.current, []);
  return { state, wrong, type, settle, isWaiting, version: versionKept };
}

async function put(body: unknown): Promise<Schemas["DoorSaved"]> {
  const response = await fetch("/api/door/application", {
    method: "PUT",
    // A phone that turns to something else sends it all the same.
    keepalive: true,
    headers: { "X-XSRF-TOKEN": token(), "Content-Type": "application/json" },
    body: JSON.stringify(body),
  });
  const text = await response.text();
  const read = text.startsWith("{") ? JSON.parse(text) : {};
  return done<Schemas["DoorSaved"]>(
    Promise.resolve(response.ok ? { data: read, response } : { error: read, response }),
  );
}
