import { DayField } from "../draft/DayField";
import { Field } from "../draft/Field";
import type { Person } from "../draft/packet";
import { dateWords } from "../draft/typing";
import type { DraftHandle } from "../draft/useDraft";
import { fact, spoken } from "../i18n/words";
import { yearsOld } from "../parts/format";

interface Props {
  handle: DraftHandle;
  person: Person;
  index: number;
}

/** A name of somebody. */
export function NameField({ handle, person, index, part }: Props & { part: "givenName" | "familyName" }) {
  return (
    <Field
      handle={handle}
      pointer={`/household/people/${index}/${part}`}
      label={`${fact(part === "givenName" ? "people.givenName" : "people.familyName")} ${index + 1}`}
      shown={person[part] ?? ""}
      read={(text) => text}
    />
  );
}

/** When somebody was born, and how old that is. */
export function BirthField({ handle, person, index, today }: Props & { today: string }) {
  const shown = person.birthDate
    ? `${dateWords(person.birthDate)}, ${yearsOld(person.birthDate, today)}`
    : "";
  return (
    <DayField
      handle={handle}
      pointer={`/household/people/${index}/birthDate`}
      label={`${fact("people.birthDate")} ${index + 1}`}
      value={person.birthDate}
      today={today}
      shown={shown}
      expected="14 3 88"
      placeholder="14 3 88"
    />
  );
}

const REASONS: Record<string, Person["residentNumberMissing"]> = {
  u: "unknown",
  n: "notIssued",
  d: "declined",
};

/** The resident number, or the reason why there is none: u unknown, n not issued, d declined. */
export function NumberField({ handle, person, index }: Props) {
  const shown =
    person.residentNumber ?? (person.residentNumberMissing ? spoken(person.residentNumberMissing) : "");
  return (
    <Field
      handle={handle}
      pointer={`/household/people/${index}/residentNumber`}
      label={`${fact("people.residentNumber")} ${index + 1}`}
      shown={shown}
      placeholder="digits, or u n d"
      expected="ten digits with the right last one; or u unknown, n not issued, d declined"
      read={(text) => {
        const plain = text.replace(/\s/g, "");
        if (text === shown) return shown;
        if (REASONS[plain.toLowerCase()]) return plain.toLowerCase();
        return /^\d{10}$/.test(plain) && luhn(plain) ? plain : undefined;
      }}
      put={(value) =>
        handle.change((draft) => {
          const people = draft.packet.household.people.map((one, i) => {
            if (i !== index || value === shown) return one;
            const reason = REASONS[String(value)];
            const { residentNumber: _number, residentNumberMissing: _reason, ...rest } = one;
            return reason
              ? { ...rest, residentNumberMissing: reason }
              : { ...rest, residentNumber: String(value) };
          });
          return { ...draft, packet: { ...draft.packet, household: { ...draft.packet.household, people } } };
        })
      }
    />
  );
}

/** Whether the last digit is the check digit of the others; the server checks again. */
function luhn(digits: string): boolean {
  let sum = 0;
  for (let i = 0; i < digits.length; i++) {
    const digit = Number(digits[digits.length - 1 - i]) * (i % 2 === 1 ? 2 : 1);
    sum += digit > 9 ? digit - 9 : digit;
  }
  return sum % 10 === 0;
}
