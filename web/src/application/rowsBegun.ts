import type { QuestionView, Schemas } from "../api/client";
import type { Draft, Person, Request } from "../draft/packet";

/** The draft with a row for each person whom a question of a service is begun for, where nothing is said yet. */
export function withRowsBegun(draft: Draft, { service, questions }: Schemas["Offer"]): Draft {
  const { household, requests } = draft.packet;
  const begun = requests.map((request) => {
    const rows = request.service === service ? rowsOf(request, questions, household.people) : [];
    return rows.length === 0
      ? request
      : { ...request, answers: { ...request.answers, ...Object.fromEntries(rows) } };
  });
  return begun.every((request, i) => request === requests[i])
    ? draft
    : { ...draft, packet: { ...draft.packet, requests: begun } };
}

function rowsOf(request: Request, questions: QuestionView[], people: Person[]) {
  return questions
    .filter(({ key }) => request.answers?.[key] === undefined)
    .map(({ key, rowsFor }) => {
      const asked = people.filter((person) => rowsFor.includes(person.role ?? ""));
      return [key, asked.map((person) => ({ person: person.id }))] as const;
    })
    .filter(([, rows]) => rows.length > 0);
}
