import { useQueryClient } from "@tanstack/react-query";
import { api, done } from "./client";
import { sessionQuery, useSession } from "./session";

/** What somebody has chosen for their desk, and how they choose otherwise; it is theirs on every machine. */
export function useChoices(): [Record<string, string>, (name: string, value: string) => Promise<void>] {
  const queries = useQueryClient();
  const session = useSession();
  const choose = async (name: string, value: string) => {
    queries.setQueryData(
      sessionQuery().queryKey,
      session && { ...session, choices: { ...session.choices, [name]: value } },
    );
    await done(api.POST("/api/choices", { body: { name, value } }));
  };
  return [session?.choices ?? {}, choose];
}
