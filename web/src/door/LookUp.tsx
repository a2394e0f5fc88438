import type { Schemas } from "../api/client";
import { Against } from "./Against";
import { put } from "./asking";
import { useTries } from "./useTries";
import { useSay, useTongue } from "./words";

interface Props {
  /** Until when it is allowed, in words. */
  until: string;
  version: () => number;
  settle: () => Promise<boolean>;
  onLookedUp: (says: string) => Promise<void>;
}

/** The registers first: what they say about whoever applies, and allows it, need not be typed. */
export function LookUp({ until, version, settle, onLookedUp }: Props) {
  const say = useSay();
  const language = useTongue();
  const { against, busy, trying } = useTries();
  const lookUp = () =>
    trying(async () => {
      if (!(await settle())) return "offline";
      const response = await put("application/registers", { version: version(), language });
      if (!response.ok) return "failed";
      const found: Schemas["LookedUp"] = await response.json();
      await onLookedUp(found.says);
      return "";
    });
  return (
    <section className="door-band my-4">
      <h2 className="case text-[1.2rem]">{say("lookUp.title")}</h2>
      <p className="my-1">{say("lookUp.how")}</p>
      <p className="soft mb-3">{until}</p>
      <Against says={against && say(against)} />
      <button type="button" className="door-button" disabled={busy} onClick={() => void lookUp()}>
        {say("lookUp.do")}
      </button>
    </section>
  );
}
