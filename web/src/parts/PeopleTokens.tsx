import { spoken } from "../i18n/words";
import { yearsOld } from "./format";

interface Person {
  id: string;
  role?: string;
  givenName?: string;
  birthDate?: string | null;
  nightsHere?: number;
}

/** The people of a household: age large, name and role small. */
export function PeopleTokens({ people, today }: { people: Person[]; today: string }) {
  return (
    <ul className="flex flex-wrap gap-1.5">
      {people.map((person) => {
        const apart = person.role === "lodger" || person.role === "residentCarer";
        return (
          <li
            key={person.id}
            className={`min-w-14 px-2 py-0.5 border text-center rounded-sm ${apart ? "border-dashed soft" : "border-current"}`}
          >
            <span className="case block text-lg leading-tight">
              {person.birthDate ? yearsOld(person.birthDate, today) : "?"}
            </span>
            <span className="block small leading-tight">{person.givenName || "—"}</span>
            <span className="block small soft leading-tight">{spoken(person.role ?? "").split(" (")[0]}</span>
          </li>
        );
      })}
    </ul>
  );
}
