import { useQuery } from "@tanstack/react-query";
import { api, done } from "./client";

export function sessionQuery() {
  return { queryKey: ["session"], queryFn: () => done(api.GET("/api/session", {})), staleTime: 60_000 };
}

/** Who is at the desk. */
export function useSession() {
  return useQuery(sessionQuery()).data;
}
