import { useTranslation } from "react-i18next";
import { Choice } from "../draft/Choice";
import { withoutPerson } from "../draft/entries";
import { Field } from "../draft/Field";
import { RowMark } from "../draft/FieldMark";
import type { Person } from "../draft/packet";
import type { DraftHandle } from "../draft/useDraft";
import { fact, spoken, vocabulary } from "../i18n/words";
import { Key } from "../parts/Keys";
import { MoreOfPerson } from "./MoreOfPerson";
import { BirthField, NameField, NumberField } from "./PersonFields";

const ROLES = vocabulary("role");
const SEXES = vocabulary("sex");
const COLUMNS = "grid-cols-[1fr_1fr_8.2rem_9.6rem_5.8rem_1.15fr_1.4rem]";

/** Everyone of the home, one row each. */
export function WhoPart({ handle, today, onAdd }: { handle: DraftHandle; today: string; onAdd: () => void }) {
  const { t } = useTranslation();
  const people = handle.draft.packet.household.people;
  return (
    <section>
      <div className={`grid-row grid-head ${COLUMNS}`}>
        <span>{fact("people.givenName")}</span>
        <span>{fact("people.familyName")}</span>
        <span>{fact("people.birthDate")}</span>
        <span>{fact("people.role")}</span>
        <span>{fact("people.sex")}</span>
        <span>{fact("people.residentNumber")}</span>
        <span />
      </div>
      {people.map((person, i) => (
        <div key={person.id}>
          <PersonRow handle={handle} person={person} index={i} today={today} />
          <RowMark handle={handle} pointer={`/household/people/${i}`} />
          <MoreOfPerson handle={handle} person={person} index={i} />
        </div>
      ))}
      <div className="flex flex-wrap items-center gap-x-6 gap-y-2 mt-3">
        <button type="button" data-flow className="btn btn-sm" onClick={onAdd}>
          {t("app.addPerson")} <Key of="Alt+P" />
        </button>
        <label className="flex items-center gap-2">
          {fact("expectedChildren")}
          <Field
            handle={handle}
            pointer="/household/expectedChildren"
            label={fact("expectedChildren")}
            shown={String(handle.draft.packet.household.expectedChildren ?? 0)}
            read={(text) => (/^\d{1,2}$/.test(text.trim()) ? Number(text) : undefined)}
            expected="0, 1, 2 …"
            className="w-14 input-sm"
            right
          />
        </label>
        <span className="soft ml-auto">
          {t("app.countedNote", { count: handle.margin?.listed ?? people.length })}
        </span>
      </div>
    </section>
  );
}

function PersonRow(props: { handle: DraftHandle; person: Person; index: number; today: string }) {
  const { handle, person, index, today } = props;
  const { t } = useTranslation();
  const at = `/household/people/${index}`;
  const name = person.givenName || t("app.person");
  return (
    <div className={`grid-row ${COLUMNS}`}>
      <NameField handle={handle} person={person} index={index} part="givenName" />
      <NameField handle={handle} person={person} index={index} part="familyName" />
      <BirthField handle={handle} person={person} index={index} today={today} />
      {person.role === "applicant" ? (
        <span className="px-2 soft small whitespace-nowrap">{spoken("applicant")}</span>
      ) : (
        <Choice
          handle={handle}
          pointer={`${at}/role`}
          label={`${fact("people.role")} ${index + 1}`}
          of="role"
          options={ROLES.slice(1)}
        />
      )}
      <Choice
        handle={handle}
        pointer={`${at}/sex`}
        label={`${fact("people.sex")} ${index + 1}`}
        of="sex"
        options={SEXES}
      />
      <NumberField handle={handle} person={person} index={index} />
      {person.role === "applicant" ? (
        <span />
      ) : (
        <button
          type="button"
          tabIndex={-1}
          className="cursor-pointer soft"
          aria-label={t("app.remove", { what: name })}
          title={t("app.remove", { what: name })}
          onClick={() => handle.change((draft) => withoutPerson(draft, person.id))}
        >
          ×
        </button>
      )}
    </div>
  );
}
