import { spoken } from "../i18n/words";

interface Person {
  id: string;
  role?: string;
  givenName?: string;
  familyName?: string;
}

/** What people are called, by their ids. */
export type Names = ReadonlyMap<string, string>;

/** Each by a name; who has none yet by what they are, counted where there are several: "child 2". */
export function namesOf(people: Person[]): Names {
  return new Map(
    people.map((person) => [person.id, person.givenName || person.familyName || byRole(person, people)]),
  );
}

function byRole(person: Person, people: Person[]): string {
  const alike = people.filter((other) => other.role === person.role);
  const role = spoken(person.role ?? "person").split(" (")[0];
  return alike.length > 1 ? `${role} ${alike.indexOf(person) + 1}` : role;
}
