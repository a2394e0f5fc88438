import { useEffect, useState } from "react";
import { api, done, type Margin } from "../api/client";
import type { Draft } from "./packet";

const PAUSE = 60;

/** What the draft of an application leads to, worked out afresh after each pause; stale answers are dropped. */
export function useMargin(draft: Draft, application?: string): Margin | undefined {
  const [margin, setMargin] = useState<Margin>();
  useEffect(() => {
    const request = new AbortController();
    const timer = setTimeout(async () => {
      try {
        setMargin(
          await done(
            api.POST("/api/margin", {
              params: { query: { application } },
              body: draft as never,
              signal: request.signal,
            }),
          ),
        );
      } catch {
        // A dropped or failed answer leaves the last margin; saving tells of a lost connection.
      }
    }, PAUSE);
    return () => {
      clearTimeout(timer);
      request.abort();
    };
  }, [draft, application]);
  return margin;
}
