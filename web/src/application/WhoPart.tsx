import { useTranslation } from "react-i18next";
import { spoken } from "../i18n/words";
import { yearsOld } from "../parts/format";
import { Choice } from "./Choice";
import { Field } from "./Field";
import { RowMark } from "./FieldMark";
import { MoreOfPerson } from "./MoreOfPerson";
import { freshId, type Person } from "./packet";
import { dateWords, readDate } from "./typing";
import type { DraftHandle } from "./useDraft";

const ROLES = [
  "applicant",
  "spouse",
  "child",
  "parent",
  "sibling",
  "relative",
  "fosterChild",
  "residentCarer",
  "lodger",
];
const COLUMNS = "grid-cols-[1fr_1.1fr_9rem_8.4rem_5.2rem_1.15fr_1.4rem]";

/** Everyone of the home, one row each. */
export function WhoPart({ handle, today, onAdd }: { handle: DraftHandle; today: string; onAdd: () => void }) {
  const { t } = useTranslation();
  const people = handle.draft.packet.household.people;
  return (
    <section>
      <div className={`grid-row grid-head ${COLUMNS}`}>
        <span>{t("app.given")}</span>
        <span>{t("app.family")}</span>
        <span>{t("app.birth")}</span>
        <span>{t("app.role")}</span>
        <span>{t("app.sex")}</span>
        <span>{t("app.number")}</span>
        <span />
      </div>
      {people.map((person, i) => (
        <div key={person.id}>
          <PersonRow handle={handle} person={person} index={i} today={today} />
          <RowMark handle={handle} pointer={`/household/people/${i}`} />
          <MoreOfPerson handle={handle} person={person} index={i} />
        </div>
      ))}
      <div className="flex items-center gap-6 mt-3">
        <button type="button" data-flow className="btn btn-sm" onClick={onAdd}>
          {t("app.addPerson")} <kbd className="key">Alt P</kbd>
        </button>
        <label className="flex items-center gap-2">
          {t("app.expected")}
          <Field
            handle={handle}
            pointer="/household/expectedChildren"
            label={t("app.expected")}
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

function removePerson(handle: DraftHandle, id: string) {
  handle.change((draft) => {
    const household = draft.packet.household;
    const notTheirs = <T extends { person?: string }>(list: T[]) => list.filter((one) => one.person !== id);
    return {
      ...draft,
      packet: {
        ...draft.packet,
        household: {
          ...household,
          people: household.people.filter((person) => person.id !== id),
          incomes: notTheirs(household.incomes),
          noIncome: notTheirs(household.noIncome),
          expenses: notTheirs(household.expenses),
          assets: notTheirs(household.assets),
        },
        signatures: notTheirs(draft.packet.signatures),
        requests: draft.packet.requests.map((request) => withoutPerson(request, id)),
      },
    };
  });
}

/** Answers that name somebody who was taken off go with them. */
function withoutPerson<T>(value: T, id: string): T {
  if (Array.isArray(value)) {
    return value
      .filter((one) => !(one && typeof one === "object" && (one as { person?: string }).person === id))
      .map((one) => withoutPerson(one, id)) as T;
  }
  if (value && typeof value === "object") {
    return Object.fromEntries(
      Object.entries(value)
        .filter(([, part]) => part !== id)
        .map(([key, part]) => [key, withoutPerson(part, id)]),
    ) as T;
  }
  return value;
}

function PersonRow(props: { handle: DraftHandle; person: Person; index: number; today: string }) {
  const { handle, person, index, today } = props;
  const { t } = useTranslation();
  const at = `/household/people/${index}`;
  const name = person.givenName || t("app.person");
  const birth = person.birthDate
    ? `${dateWords(person.birthDate)}, ${yearsOld(person.birthDate, today)}`
    : "";
  return (
    <div className={`grid-row ${COLUMNS}`}>
      <Field
        handle={handle}
        pointer={`${at}/givenName`}
        label={`${t("app.given")} ${index + 1}`}
        shown={person.givenName ?? ""}
        read={(text) => text}
      />
      <Field
        handle={handle}
        pointer={`${at}/familyName`}
        label={`${t("app.family")} ${index + 1}`}
        shown={person.familyName ?? ""}
        read={(text) => text}
      />
      <Field
        handle={handle}
        pointer={`${at}/birthDate`}
        label={`${t("app.birth")} ${index + 1}`}
        shown={birth}
        read={(text) => (text === birth ? person.birthDate : readDate(text, today))}
        expected="14 3 88"
        placeholder="14 3 88"
      />
      {person.role === "applicant" ? (
        <span className="px-2 soft small whitespace-nowrap">{spoken("applicant")}</span>
      ) : (
        <Choice
          handle={handle}
          pointer={`${at}/role`}
          label={`${t("app.role")} ${index + 1}`}
          options={ROLES.slice(1)}
        />
      )}
      <Choice
        handle={handle}
        pointer={`${at}/sex`}
        label={`${t("app.sex")} ${index + 1}`}
        options={["F", "M", "X"]}
      />
      <NumberField handle={handle} person={person} at={at} index={index} />
      {person.role === "applicant" ? (
        <span />
      ) : (
        <button
          type="button"
          tabIndex={-1}
          className="cursor-pointer soft"
          aria-label={t("app.remove", { what: name })}
          title={t("app.remove", { what: name })}
          onClick={() => removePerson(handle, person.id)}
        >
          ×
        </button>
      )}
    </div>
  );
}

const REASONS: Record<string, string> = { u: "unknown", n: "notIssued", d: "declined" };

/** The resident number, or the reason why there is none: u unknown, n not issued, d declined. */
function NumberField(props: { handle: DraftHandle; person: Person; at: string; index: number }) {
  const { handle, person, at, index } = props;
  const { t } = useTranslation();
  const shown =
    person.residentNumber ?? (person.residentNumberMissing ? spoken(person.residentNumberMissing) : "");
  return (
    <Field
      handle={handle}
      pointer={`${at}/residentNumber`}
      label={`${t("app.number")} ${index + 1}`}
      shown={shown}
      placeholder="10 digits, or u n d"
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
              ? { ...rest, residentNumber: null, residentNumberMissing: reason }
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
