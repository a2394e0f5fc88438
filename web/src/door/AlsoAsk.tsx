import type { Schemas } from "../api/client";
import { Against } from "./Against";
import { put } from "./asking";
import { ServiceList } from "./ServiceList";
import { useTries } from "./useTries";
import { useSay, useTongue } from "./words";

interface Props {
  more: Schemas["DoorChoice"][];
  version: () => number;
  settle: () => Promise<boolean>;
  onAsked: () => Promise<void>;
}

/** What else can be asked for with the same facts: its pages come behind those that are there. */
export function AlsoAsk({ more, version, settle, onAsked }: Props) {
  const say = useSay();
  const language = useTongue();
  const { against, busy, trying } = useTries();
  if (more.length === 0) return null;
  const ask = (service: string) =>
    trying(async () => {
      if (!(await settle())) return "offline";
      const response = await put("application/more", { version: version(), language, service });
      if (!response.ok) return "failed";
      await onAsked();
      return "";
    });
  return (
    <details className="door-more mt-4">
      <summary>{say("more.title")}</summary>
      <p className="soft mb-2">{say("more.how")}</p>
      <Against says={against && say(against)} />
      <ServiceList services={more} busy={busy} onAsk={ask} />
    </details>
  );
}
