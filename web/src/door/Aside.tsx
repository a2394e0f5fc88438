import { useState } from "react";
import { Against } from "./Against";
import { put } from "./asking";
import { useTries } from "./useTries";
import { useSay } from "./words";

/** Not going on with it: asked once more, then it is put aside. */
export function Aside({ onAside }: { onAside: () => void }) {
  const say = useSay();
  const [sure, setSure] = useState(false);
  const { against, busy, trying } = useTries();
  const putAside = () =>
    trying(async () => {
      const response = await put("application/aside", {});
      if (!response.ok) return "failed";
      onAside();
      return "";
    });
  if (!sure) {
    return (
      <p className="mt-8">
        <button type="button" className="plain-link py-2" onClick={() => setSure(true)}>
          {say("apply.aside")}
        </button>
      </p>
    );
  }
  return (
    <div className="door-band mt-8">
      <p className="mb-3">{say("apply.asideSure")}</p>
      <Against says={against && say(against)} />
      <div className="flex flex-wrap gap-3">
        <button type="button" className="door-button" disabled={busy} onClick={putAside}>
          {say("apply.asideYes")}
        </button>
        <button type="button" className="door-button" onClick={() => setSure(false)}>
          {say("cancel")}
        </button>
      </div>
    </div>
  );
}
