import type { Schemas } from "../api/client";

/** The facts of a draft are typed by the core's records; every part may be missing yet. */
export type Person = Schemas["ToldPerson"];
export type Income = Schemas["ToldIncome"];
export type Expense = Schemas["ToldExpense"];
export type Asset = Schemas["ToldAsset"];
export type Signature = Schemas["ToldSignature"];
export type Contact = NonNullable<Person["contact"]>;
type Household = Schemas["ToldHousehold"];

export interface Request {
  service: string;
  answers?: Record<string, unknown>;
}

export interface Packet {
  /** Lists are there, though empty, but what goes out and what is owned: not said is not the same as none. */
  household: Household & Required<Pick<Household, "people" | "incomes" | "noIncome">>;
  channel?: string;
  language?: string;
  requests: Request[];
  papers: unknown[];
  signatures: Signature[];
  [key: string]: unknown;
}

/** Something filled in: where from, and whether the household has confirmed it. */
export interface Mark {
  from: string;
  confirmed: boolean;
}

/** How an application is taken, beside the facts. */
export interface Taking {
  actsAs?: string;
  actor?: {
    name?: string;
    contact?: string;
    speaker?: string;
    shownBy?: string;
    scope?: string;
    until?: string;
    identityChecked?: boolean;
    letters?: string;
  };
  declared?: boolean;
  permissions?: { name: string; until?: string }[];
  marks?: Record<string, Mark>;
  /** Answers to questions that do not apply any more, by their place. */
  aside?: Record<string, unknown>;
  /** What a paper form left blank, or nobody could read. */
  paper?: Record<string, "illegible" | "leftBlank">;
  asTyped?: boolean;
  duplicates?: Record<string, string>;
  /** The day it reached the office, where that is not today, and what shows it. */
  reached?: { on?: string; shownBy?: string };
  /** The day that an answer should come before. */
  outside?: { what?: string; on?: string; shownBy?: string };
  /** That it reports a change: from which day on, and how it was told. */
  change?: { on?: string; told?: string };
  /** Why the household wishes to be hurried. */
  hurry?: string;
}

export interface Draft {
  packet: Packet;
  typed: Record<string, string>;
  taking: Taking;
}

/** A draft with all its parts, whenever it was begun. */
export function whole(draft: Draft): Draft {
  const household = draft.packet.household;
  return {
    packet: {
      ...draft.packet,
      household: {
        ...household,
        people: household.people ?? [],
        incomes: household.incomes ?? [],
        noIncome: household.noIncome ?? [],
      },
      requests: draft.packet.requests ?? [],
      papers: draft.packet.papers ?? [],
      signatures: draft.packet.signatures ?? [],
    },
    typed: draft.typed ?? {},
    taking: draft.taking ?? {},
  };
}

/** The value at a JSON Pointer; undefined where there is none. */
export function at(root: unknown, pointer: string): unknown {
  let here = root;
  for (const step of pointer.split("/").slice(1)) {
    if (here === null || typeof here !== "object") return undefined;
    here = (here as Record<string, unknown>)[step];
  }
  return here;
}

/** A copy with a value at a JSON Pointer; undefined takes the key away. */
export function withValue<T>(root: T, pointer: string, value: unknown): T {
  const copy = structuredClone(root);
  const steps = pointer.split("/").slice(1);
  const last = steps.pop() ?? "";
  let here = copy as unknown as Record<string, unknown>;
  for (const [i, step] of steps.entries()) {
    if (here[step] === undefined || here[step] === null) {
      here[step] = /^\d+$/.test(steps[i + 1] ?? last) ? [] : {};
    }
    here = here[step] as Record<string, unknown>;
  }
  if (value === undefined) {
    delete here[last];
  } else {
    here[last] = value;
  }
  return copy;
}

/** The first id of a letter that nothing else uses. */
export function freshId(letter: string, used: { id: string }[]): string {
  let number = used.length + 1;
  while (used.some((one) => one.id === `${letter}${number}`)) number++;
  return `${letter}${number}`;
}
