import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, done } from "../api/client";
import { useSay, useTongue } from "./words";

/** Everything that was told for a claim, fetched once somebody wants to see it. */
export function Told({ claim }: { claim: string }) {
  const say = useSay();
  const language = useTongue();
  const [open, setOpen] = useState(false);
  const told = useQuery({
    queryKey: ["door", "standing", "told", claim, language],
    queryFn: () =>
      done(
        api.GET("/api/door/claims/{number}/told", {
          params: { path: { number: claim }, query: { language } },
        }),
      ),
    enabled: open,
  });
  return (
    <details className="door-more" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary>{say("told.title")}</summary>
      {told.isError && (
        <p role="alert" className="wrong pb-3">
          {say("offline")}
        </p>
      )}
      {told.data?.map((section) => (
        <section key={section.title} className="mb-4">
          <h3 className="font-bold">{section.title}</h3>
          <dl>
            {section.lines.map((line) => (
              <div key={`${line.label}:${line.value}`} className="py-1">
                <dt className={line.value ? "soft" : ""}>{line.label}</dt>
                <dd dir="auto">{line.value}</dd>
              </div>
            ))}
          </dl>
        </section>
      ))}
      {told.data && <p className="soft pb-3">{say("told.home")}</p>}
    </details>
  );
}
