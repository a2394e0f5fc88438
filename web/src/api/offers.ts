import { api, done } from "./client";

/** The services on offer with their questions; they change only with the application itself. */
export function offersQuery() {
  return {
    queryKey: ["services"],
    queryFn: () => done(api.GET("/api/services")),
    staleTime: Number.POSITIVE_INFINITY,
  };
}
