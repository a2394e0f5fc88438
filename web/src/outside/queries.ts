import { api, done } from "../api/client";

/** Those outside, by kind and the beginning of their name. */
export function partiesQuery(kind: string, start: string) {
  return {
    queryKey: ["parties", kind, start],
    queryFn: () => done(api.GET("/api/parties", { params: { query: { kind: kind || undefined, start } } })),
    placeholderData: (before: Awaited<ReturnType<typeof fetchParties>> | undefined) => before,
  };
}

const fetchParties = () => done(api.GET("/api/parties"));

/** All there is of one of them. */
export function partyQuery(id: string) {
  return {
    queryKey: ["party", id],
    queryFn: () => done(api.GET("/api/parties/{id}", { params: { path: { id } } })),
  };
}
