import type { Schemas } from "../api/client";

/** What of a paper is read beside its picture, by what it is for. */
export type Shown =
  | "name"
  | "birthDate"
  | "issuedOn"
  | "expiresOn"
  | "address"
  | "zone"
  | "coversFrom"
  | "coversUntil"
  | "slip";

/** The fields of the form by what the machine proposes for them. */
const FIELD_OF: Record<string, string> = {
  NAME: "name",
  BIRTH_DATE: "birthDate",
  ISSUED_ON: "issuedOn",
  EXPIRES_ON: "expiresOn",
  ADDRESS: "address",
  ZONE: "zone",
  PERIOD_END: "periodEnd",
  GROSS: "gross",
  COVERS_FROM: "coversFrom",
  COVERS_UNTIL: "coversUntil",
};

/** The field of the form for what the machine proposes; a fact of the claim is called as the machine calls it. */
export const fieldFor = (proposal: string) => FIELD_OF[proposal] ?? proposal;

const IDENTITY: Shown[] = ["name", "birthDate", "issuedOn", "expiresOn"];

const READS: Record<string, Shown[]> = {
  passport: [...IDENTITY, "zone"],
  nationalId: [...IDENTITY, "zone"],
  residencePermit: [...IDENTITY, "zone"],
  drivingLicence: IDENTITY,
  birthRecord: ["name", "birthDate", "issuedOn"],
  workCard: ["name", "expiresOn"],
  studentCard: ["name", "expiresOn"],
  utilityBill: ["name", "address", "issuedOn"],
  bankStatement: ["name", "issuedOn"],
  payslip: ["name", "slip"],
  medicalCertificate: ["name", "issuedOn", "coversFrom", "coversUntil"],
  serviceOrder: ["name", "issuedOn", "coversFrom", "coversUntil"],
  lease: ["name", "address", "issuedOn"],
};

/** The fields that a kind of paper can speak to: a name and a day at least. */
export function reads(kind: string): Shown[] {
  return READS[kind] ?? ["name", "issuedOn"];
}

/** Kinds that are about somebody who is not of the household any more, and what they left. */
const OF_SOMEBODY_ELSE = ["deathRecord", "will", "kinshipTable", "inventory"];

export const isOfSomebodyElse = (kind: string) => OF_SOMEBODY_ELSE.includes(kind);

/** Kinds that show who somebody is, for an item that asks for any with a photo. */
const PHOTO = ["passport", "nationalId", "drivingLicence", "residencePermit", "workCard", "studentCard"];

/** What an item asks for: the kind, and the person or income it is about. */
export function askedFor(subject: string): { kind: string; whose?: string } {
  const [kind, whose] = subject.split(":");
  return { kind: kind === "photoIdentity" ? PHOTO[0] : kind, whose };
}

/** Whether a paper whose pages are here waits to be read. */
export function waits(paper: Schemas["PaperView"]): boolean {
  return Boolean(paper.picture) && typeof paper.accepted !== "boolean";
}
