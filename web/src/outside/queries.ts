import type { Query } from "@tanstack/react-query";
import { api, done, type Schemas } from "../api/client";

/** Those outside, by kind and the beginning of their name. */
export function partiesQuery(kind: string, start: string) {
  return {
    queryKey: ["parties", kind, start],
    queryFn: () => done(api.GET("/api/parties", { params: { query: { kind: kind || undefined, start } } })),
    placeholderData: (before: Awaited<ReturnType<typeof fetchParties>> | undefined) => before,
  };
}

const fetchParties = () => done(api.GET("/api/parties"));

/** How often those who are waited for are looked at again: claims wake a moment after something was told. Milliseconds. */
const LOOK_AGAIN = 2_000;

/** All there is of one of them. */
export function partyQuery(id: string) {
  return {
    queryKey: ["party", id],
    queryFn: () => done(api.GET("/api/parties/{id}", { params: { path: { id } } })),
    refetchInterval: (query: Query<Schemas["PartyView"]>) =>
      query.state.data && query.state.data.waiting.length > 0 ? LOOK_AGAIN : false,
  } as const;
}
