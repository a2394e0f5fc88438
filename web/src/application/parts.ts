import type { Draft } from "../draft/packet";

/** The parts of an application in the order people work; each service asked for is a part of its own. */
export type Part = string;

const GROUPS = {
  begin: ["begin"],
  household: ["who", "money", "home", "reach"],
  finish: ["papers", "read", "sign"],
} as const;

/** The part of a service that is asked for. */
export function matter(service: string): Part {
  return `matter:${service}`;
}

/** The service that a part is about. */
export function serviceOf(part: Part): string | undefined {
  return part.startsWith("matter:") ? part.slice("matter:".length) : undefined;
}

export interface Group {
  key: string;
  parts: Part[];
}

/** All parts of a draft, as they are grouped. */
export function groupsOf(draft: Draft): Group[] {
  if (draft.taking.change) {
    return [
      { key: "begin", parts: ["change"] },
      { key: "household", parts: [...GROUPS.household] },
      { key: "finish", parts: ["report"] },
    ];
  }
  return [
    { key: "begin", parts: [...GROUPS.begin] },
    { key: "household", parts: [...GROUPS.household] },
    { key: "matters", parts: draft.packet.requests.map((request) => matter(request.service)) },
    { key: "finish", parts: [...GROUPS.finish] },
  ];
}

export function partsOf(draft: Draft): Part[] {
  return groupsOf(draft).flatMap((group) => group.parts);
}

/** The part that is reached with Alt and a digit: the fixed ones, with the first matter among them. */
export function keyed(draft: Draft): Part[] {
  if (draft.taking.change) return partsOf(draft);
  const matters = draft.packet.requests.map((request) => matter(request.service));
  return [
    "begin",
    "who",
    "money",
    "home",
    ...(matters.length ? [matters[0]] : ["begin"]),
    "papers",
    "read",
    "sign",
    "reach",
  ];
}

/** The part a place belongs to. */
export function partOf(pointer: string, draft: Draft): Part {
  const request = pointer.match(/^\/requests\/(\d+)/);
  if (request) {
    const service = draft.packet.requests[Number(request[1])]?.service;
    return service ? matter(service) : "begin";
  }
  if (/^\/household\/people\/\d+\/contact/.test(pointer)) return "reach";
  if (/^\/household\/(people|expectedChildren)/.test(pointer)) return "who";
  if (/^\/household\/(incomes|noIncome|expenses|assets)/.test(pointer)) return "money";
  if (/^(income|noIncome|payslip):?/.test(pointer)) return "money";
  if (pointer.startsWith("/taking/change")) return "change";
  if (/^\/household\/consents/.test(pointer) || /^\/taking/.test(pointer)) return "begin";
  if (pointer.startsWith("/household")) return "home";
  if (pointer === "/requests" || pointer === "") return "begin";
  if (/^(identity|[a-zA-Z]+):/.test(pointer)) return "papers";
  return "sign";
}
