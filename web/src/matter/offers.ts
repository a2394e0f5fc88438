import type { Packet } from "../draft/packet";
import { at } from "../draft/packet";
import i18n, { spoken } from "../i18n/words";
import { namesOf } from "../parts/called";
import { money } from "../parts/format";

/** What another part of the conversation has told already, for a question that would ask it again. */
export interface Offer {
  value: unknown;
  /** The value in words. */
  words: string;
  /** The key of the words for where it was told. */
  from: string;
}

type Known = (packet: Packet, pointer: string) => Offer | undefined;

const answersOf = (packet: Packet, service: string) =>
  packet.requests.find((request) => request.service === service)?.answers as
    | Record<string, unknown>
    | undefined;

const beside = (packet: Packet, pointer: string, key: string) => at(packet, pointer.replace(/[^/]+$/, key));

/** What goes out each month for some purpose. */
const goesOut =
  (...kinds: string[]): Known =>
  (packet) => {
    const found = packet.household.expenses?.find(
      (expense) => kinds.includes(expense.kind ?? "") && expense.frequency === "monthly",
    );
    return found?.amount === undefined
      ? undefined
      : { value: found.amount, words: money(found.amount), from: "money" };
  };

/** The one who applies, where the question is about one person. */
const whoApplies: Known = (packet) => {
  const applicant = packet.household.people.find((person) => person.role === "applicant");
  return applicant?.givenName
    ? { value: applicant.id, words: namesOf(packet.household.people).get(applicant.id) ?? "", from: "who" }
    : undefined;
};

/** The child, where there is one only. */
const onlyChild: Known = (packet) => {
  const children = packet.household.people.filter((person) => person.role === "child");
  return children.length === 1 && children[0].givenName
    ? {
        value: children[0].id,
        words: namesOf(packet.household.people).get(children[0].id) ?? "",
        from: "who",
      }
    : undefined;
};

/** A school that another child goes to, in this request or another. */
const otherSchool: Known = (packet, pointer) => {
  const children =
    (at(packet, pointer.replace(/\/\d+\/[^/]+$/, "")) as { school?: string }[] | undefined) ?? [];
  const school = children.map((child) => child.school).find((name) => name);
  return school ? { value: school, words: school, from: "otherChild" } : undefined;
};

const adults: Known = (packet) => {
  const names = packet.household.people
    .filter((person) => person.role === "applicant" || person.role === "spouse")
    .map((person) => [person.givenName, person.familyName].filter(Boolean).join(" "))
    .filter(Boolean);
  return names.length ? { value: names, words: names.join(", "), from: "who" } : undefined;
};

const noHome: Known = (packet) =>
  packet.household.address?.noFixedAddress
    ? { value: true, words: i18n.t("app.yes"), from: "home" }
    : undefined;

/** The landlord whom rent relief names, where the matter is the home. */
const landlordAgainst: Known = (packet, pointer) => {
  const landlord = answersOf(packet, "rentRelief")?.landlord as { name?: string } | undefined;
  const area = at(packet, pointer.replace(/otherParty\/name$/, "area"));
  return landlord?.name && area === "housing"
    ? { value: landlord.name, words: landlord.name, from: "rentRelief" }
    : undefined;
};

/** Where money comes from, by the kinds of income. */
const SOURCES: Record<string, string> = {
  wages: "employment",
  selfEmployment: "business",
  rentReceived: "rent",
};

const sources: Known = (packet) => {
  const told = [...new Set(packet.household.incomes.map((income) => SOURCES[income.kind ?? ""]))].filter(
    Boolean,
  );
  return told.length
    ? { value: told, words: told.map((one) => spoken(one, "taxSource")).join(", "), from: "money" }
    : undefined;
};

/** An employer whom Money names for the person, and whom leave does not name yet. */
const employer: Known = (packet, pointer) => {
  const rows = (at(packet, pointer) as { name?: string }[] | undefined) ?? [];
  const whose = beside(packet, pointer, "person");
  const found = packet.household.incomes.find(
    (income) =>
      income.kind === "wages" &&
      income.employer &&
      (whose === undefined || income.person === whose) &&
      rows.every((row) => row.name !== income.employer),
  );
  return found?.employer
    ? { value: [...rows, { name: found.employer }], words: found.employer, from: "money" }
    : undefined;
};

/** What each question may be known by. */
const KNOWN: Record<string, Known> = {
  "rentRelief monthlyRent": goesOut("rent"),
  "rentRelief leaseNames": adults,
  "housingList monthlyRent": goesOut("rent"),
  "housingList homeless": noHome,
  "householdAllowance shelter.rentOrMortgage": goesOut("rent", "mortgage"),
  "householdAllowance shelter.heating": goesOut("heating"),
  "homePaymentRelief monthlyPayment": goesOut("mortgage"),
  "schoolMeals children.school": otherSchool,
  "schoolMeals children.homeless": noHome,
  "legalAdvice otherParty.name": landlordAgainst,
  "taxpayerNumber sources": sources,
  "taxpayerNumber person": whoApplies,
  "paidLeave person": whoApplies,
  "paidLeave employers": employer,
  "clearRecord person": whoApplies,
  "nameChange person": whoApplies,
  "identityCheck person": whoApplies,
  "disabilityAllowance person": whoApplies,
  "studyAdjustments person": onlyChild,
};

/** What is known already for a question, as long as it is not answered; a list goes on being offered its next row. */
export function offerFor(packet: Packet, service: string, path: string, pointer: string): Offer | undefined {
  const said = at(packet, pointer);
  const open =
    said === undefined || said === null || said === "" || (Array.isArray(said) && path === "employers");
  return open ? KNOWN[`${service} ${path}`]?.(packet, pointer) : undefined;
}
