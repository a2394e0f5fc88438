import type { Schemas } from "../api/client";
import type { Draft, Person, Request } from "./packet";

/** Who is asked about as a child: everybody but the applicant and the spouse. */
function childrenOf(people: Person[]): Person[] {
  return people.filter((person) => person.role !== "applicant" && person.role !== "spouse");
}

/** The draft with a row for each child where a service asks about children and nothing is said of any yet. */
export function withChildren(draft: Draft, service: string, offers: Schemas["Offer"][]): Draft {
  const asks = offers.find((offer) => offer.service === service)?.questions ?? [];
  const children = childrenOf(draft.packet.household.people);
  if (children.length === 0 || !asks.some((question) => question.key === "children")) return draft;
  const unsaid = (request: Request) => request.service === service && request.answers?.children === undefined;
  if (!draft.packet.requests.some(unsaid)) return draft;
  const rows = children.map((child) => ({ person: child.id }));
  const requests = draft.packet.requests.map((request) =>
    unsaid(request) ? { ...request, answers: { ...request.answers, children: rows } } : request,
  );
  return { ...draft, packet: { ...draft.packet, requests } };
}
