import { api, done } from "../api/client";

/** What came a moment ago, with the page itself, is not asked for again. Milliseconds. */
const JUST_ASKED = 1_000;

/** The claims of the Desk, by due date. */
export function deskQuery() {
  return { queryKey: ["desk"], queryFn: () => done(api.GET("/api/desk")), staleTime: JUST_ASKED };
}

/** The drafts that wait. */
export function draftsQuery() {
  return { queryKey: ["drafts"], queryFn: () => done(api.GET("/api/applications")), staleTime: JUST_ASKED };
}
