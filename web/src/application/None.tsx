import type { DraftHandle } from "../draft/useDraft";

/** That there is none of a list, which is an answer; nobody has been asked while it is not given. */
export function None({
  handle,
  list,
  words,
}: {
  handle: DraftHandle;
  list: "expenses" | "assets" | "benefits";
  words: string;
}) {
  return (
    <label className="inline-flex items-center gap-2">
      <input
        id={`at-household-${list}-none`}
        type="checkbox"
        data-flow
        className="checkbox checkbox-sm"
        checked={handle.draft.packet.household[list] !== undefined}
        onChange={(event) => handle.set(`/household/${list}`, event.target.checked ? [] : undefined)}
      />
      {words}
    </label>
  );
}
