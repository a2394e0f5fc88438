import { RowMark } from "../draft/FieldMark";
import type { DraftHandle } from "../draft/useDraft";
import { fact } from "../i18n/words";
import { BirthField, NameField, NumberField } from "./PersonFields";

const COLUMNS = "grid-cols-[1fr_1.1fr_9rem_1.15fr]";

/** Who applies: enough to see whether the office knows them, and to ask the registers. */
export function Applicant({ handle, today }: { handle: DraftHandle; today: string }) {
  const people = handle.draft.packet.household.people;
  const index = people.findIndex((person) => person.role === "applicant");
  const person = people[index];
  if (!person) return null;
  return (
    <div>
      <div className={`grid-row grid-head ${COLUMNS}`}>
        <span>{fact("people.givenName")}</span>
        <span>{fact("people.familyName")}</span>
        <span>{fact("people.birthDate")}</span>
        <span>{fact("people.residentNumber")}</span>
      </div>
      <div className={`grid-row ${COLUMNS}`}>
        <NameField handle={handle} person={person} index={index} part="givenName" />
        <NameField handle={handle} person={person} index={index} part="familyName" />
        <BirthField handle={handle} person={person} index={index} today={today} />
        <NumberField handle={handle} person={person} index={index} />
      </div>
      <RowMark handle={handle} pointer={`/household/people/${index}`} />
    </div>
  );
}
