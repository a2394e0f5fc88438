import { infiniteQueryOptions } from "@tanstack/react-query";
import { api, done } from "../api/client";

/** What came a moment ago, with the page itself, is not asked for again. Milliseconds. */
const JUST_ASKED = 1_000;

/** The claims of the Desk, by due date, a page after the other as they are asked for. */
export function deskQuery() {
  return infiniteQueryOptions({
    queryKey: ["desk"],
    queryFn: ({ pageParam }) => done(api.GET("/api/desk", { params: { query: pageParam } })),
    initialPageParam: {} as { afterUrgent?: boolean; afterDay?: string; afterNumber?: string },
    getNextPageParam: ({ after }) =>
      after && { afterUrgent: after.urgent, afterDay: after.pressingOn, afterNumber: after.number },
    staleTime: JUST_ASKED,
  });
}

/** The drafts that wait. */
export function draftsQuery() {
  return { queryKey: ["drafts"], queryFn: () => done(api.GET("/api/applications")), staleTime: JUST_ASKED };
}
