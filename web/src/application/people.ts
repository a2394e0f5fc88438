import { freshId, type Person } from "../draft/packet";
import type { DraftHandle } from "../draft/useDraft";

/** Adds a child with the family's name, to be told otherwise. */
export function addPerson(handle: DraftHandle) {
  handle.change((draft) => {
    const people = draft.packet.household.people;
    const family = people[0]?.familyName;
    const fresh: Person = {
      id: freshId("p", people),
      role: "child",
      ...(family ? { familyName: family } : {}),
    };
    return {
      ...draft,
      packet: { ...draft.packet, household: { ...draft.packet.household, people: [...people, fresh] } },
    };
  });
}
