import { infiniteQueryOptions, keepPreviousData, type Query } from "@tanstack/react-query";
import { api, done, type Schemas } from "../api/client";

/** What came a moment ago, with the page itself, is not asked for again. Milliseconds. */
const JUST_ASKED = 1_000;

/** The claims of the Desk or of a round of it, by what presses, a page after the other as they are asked for. */
export function deskQuery(round?: string) {
  return infiniteQueryOptions({
    queryKey: ["desk", round ?? ""],
    queryFn: ({ pageParam }) => done(api.GET("/api/desk", { params: { query: { round, ...pageParam } } })),
    placeholderData: keepPreviousData,
    initialPageParam: {} as { afterUrgent?: boolean; afterDay?: string; afterNumber?: string },
    getNextPageParam: ({ after }) =>
      after && { afterUrgent: after.urgent, afterDay: after.pressingOn, afterNumber: after.number },
    staleTime: JUST_ASKED,
  });
}

/** How often a list that is being lodged is looked at again. Milliseconds. */
const LOOK_AGAIN = 1_000;

/** The lists that were sent and not put away. */
export function batchesQuery() {
  return {
    queryKey: ["batches"],
    queryFn: () => done(api.GET("/api/batches")),
    refetchInterval: (query: Query<Schemas["BatchView"][]>) =>
      query.state.data?.some((batch) => batch.waiting > 0) ? LOOK_AGAIN : false,
  };
}

/** The drafts that wait. */
export function draftsQuery() {
  return { queryKey: ["drafts"], queryFn: () => done(api.GET("/api/applications")), staleTime: JUST_ASKED };
}
