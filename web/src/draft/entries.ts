import { at, type Draft, withValue } from "./packet";

/** The draft without an entry of a list; what is noted by the place of later entries moves up with them. */
export function withoutEntry(draft: Draft, list: string, index: number): Draft {
  const left = <T>(root: T, pointer: string): T => {
    const entries = at(root, pointer);
    return Array.isArray(entries)
      ? withValue(
          root,
          pointer,
          entries.filter((_, i) => i !== index),
        )
      : root;
  };
  const notes = <T>(byPlace: Record<string, T> | undefined) =>
    Object.fromEntries(
      Object.entries(byPlace ?? {}).flatMap(([place, note]) => {
        const to = movedUp(place, list, index);
        return to === undefined ? [] : [[to, note]];
      }),
    );
  const { taking } = left({ taking: draft.taking }, list);
  return {
    packet: left(draft.packet, list),
    typed: notes(draft.typed),
    taking: {
      ...taking,
      ...(taking.marks && { marks: notes(taking.marks) }),
      ...(taking.aside && { aside: notes(taking.aside) }),
      ...(taking.paper && { paper: notes(taking.paper) }),
    },
  };
}

/** Where a place is once an entry of a list is gone; undefined when it went with the entry. */
function movedUp(place: string, list: string, index: number): string | undefined {
  if (!place.startsWith(`${list}/`)) return place;
  const [number, ...rest] = place.slice(list.length + 1).split("/");
  if (Number(number) === index) return undefined;
  return Number(number) > index ? [list, Number(number) - 1, ...rest].join("/") : place;
}

/** The draft without somebody, and without everything that is only theirs. */
export function withoutPerson(draft: Draft, id: string): Draft {
  const index = draft.packet.household.people.findIndex((person) => person.id === id);
  const theirs = entriesOf(draft.packet, "", id).reverse();
  const without = theirs.reduce((now, entry) => withoutEntry(now, entry.list, entry.index), draft);
  const packet = withoutWord(without.packet, id);
  return index < 0 ? draft : withoutEntry({ ...without, packet }, "/household/people", index);
}

/** The entries of lists that are somebody's, in the order they stand. */
function entriesOf(root: unknown, pointer: string, id: string): { list: string; index: number }[] {
  if (Array.isArray(root)) {
    return root.flatMap((entry, index) =>
      (entry as { person?: string } | null)?.person === id
        ? [{ list: pointer, index }]
        : entriesOf(entry, `${pointer}/${index}`, id),
    );
  }
  return root && typeof root === "object"
    ? Object.entries(root).flatMap(([key, part]) => entriesOf(part, `${pointer}/${key}`, id))
    : [];
}

/** Without the answers that are somebody's id; the ids themselves stay. */
function withoutWord<T>(value: T, id: string): T {
  if (Array.isArray(value)) return value.map((one) => withoutWord(one, id)) as T;
  if (!value || typeof value !== "object") return value;
  return Object.fromEntries(
    Object.entries(value)
      .filter(([key, part]) => key === "id" || part !== id)
      .map(([key, part]) => [key, withoutWord(part, id)]),
  ) as T;
}
