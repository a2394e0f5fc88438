import { api, done } from "../api/client";

/** The claims of the Desk, by due date. */
export function deskQuery() {
  return { queryKey: ["desk"], queryFn: () => done(api.GET("/api/desk")) };
}

/** The drafts that wait. */
export function draftsQuery() {
  return { queryKey: ["drafts"], queryFn: () => done(api.GET("/api/applications")) };
}
