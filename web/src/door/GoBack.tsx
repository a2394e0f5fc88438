import { Against } from "./Against";
import { put } from "./asking";
import { useTries } from "./useTries";
import { useSay } from "./words";

interface Props {
  settle: () => Promise<boolean>;
  onBack: () => Promise<unknown>;
}

/** Back to where their claims stand; what was typed is kept. */
export function GoBack({ settle, onBack }: Props) {
  const say = useSay();
  const { against, busy, trying } = useTries();
  const goBack = () =>
    trying(async () => {
      if (!(await settle())) return "offline";
      if (!(await put("application/back", {})).ok) return "failed";
      await onBack();
      return "";
    });
  return (
    <>
      <Against says={against && say(against)} />
      <button type="button" className="plain-link py-2 mt-4" disabled={busy} onClick={goBack}>
        {say("again.back")}
      </button>
    </>
  );
}
