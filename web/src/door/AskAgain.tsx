import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, done, Refusal } from "../api/client";
import { Against } from "./Against";
import { putOrThrow } from "./asking";
import { ServiceList } from "./ServiceList";
import { useTries } from "./useTries";
import { useSay, useTongue } from "./words";

interface Props {
  onBegun: () => Promise<unknown>;
}

/** What can be asked for with all that was told before, or what was begun and is not sent yet. */
export function AskAgain({ onBegun }: Props) {
  const say = useSay();
  const language = useTongue();
  const [open, setOpen] = useState(false);
  const [refused, setRefused] = useState("");
  const { against, busy, trying } = useTries();
  const again = useQuery({
    queryKey: ["door", "again", language],
    queryFn: () => done(api.GET("/api/door/again", { params: { query: { language } } })),
    enabled: open,
    gcTime: 0,
  });
  const begin = (service: string | null) =>
    trying(async () => {
      setRefused("");
      try {
        await putOrThrow("again", { service, language });
      } catch (problem) {
        if (!(problem instanceof Refusal)) throw problem;
        setRefused(problem.message);
        return "";
      }
      await onBegun();
      return "";
    });
  return (
    <details className="door-more mt-8" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="font-bold">{say("again.title")}</summary>
      <p className="soft mb-2">{say("again.how")}</p>
      <Against says={refused || (against && say(against)) || (again.isError ? say("offline") : "")} />
      {again.data?.begun && (
        <button
          type="button"
          className="door-button door-main mb-4"
          disabled={busy}
          onClick={() => begin(null)}
        >
          {say("again.goOn")}: {again.data.begun}
        </button>
      )}
      <ServiceList services={again.data?.services ?? []} busy={busy} onAsk={begin} />
    </details>
  );
}
