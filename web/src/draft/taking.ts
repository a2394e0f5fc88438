import type { QuestionView } from "../api/client";
import { at, type Draft, type Mark, type Taking, withValue } from "./packet";

/** The mark of a place, or of the entry it belongs to. */
export function markAt(taking: Taking, pointer: string): Mark | undefined {
  const marks = taking.marks ?? {};
  return marks[markedAt(taking, pointer) ?? ""];
}

function markedAt(taking: Taking, pointer: string): string | undefined {
  const marks = taking.marks ?? {};
  for (let place = pointer; place; place = place.slice(0, place.lastIndexOf("/"))) {
    if (marks[place]) return place;
  }
  return undefined;
}

/** The places that were filled in and that nobody has confirmed. */
export function unconfirmed(taking: Taking): [string, Mark][] {
  return Object.entries(taking.marks ?? {}).filter(([, mark]) => !mark.confirmed);
}

export function confirmed(taking: Taking, pointer: string): Taking {
  const place = markedAt(taking, pointer);
  if (!place) return taking;
  return {
    ...taking,
    marks: { ...taking.marks, [place]: { ...(taking.marks?.[place] as Mark), confirmed: true } },
  };
}

/** What is typed over is the household's word, not the register's. */
export function withoutMark(draft: Draft, pointer: string): Draft {
  if (!draft.taking.marks?.[pointer]) return draft;
  const { [pointer]: _gone, ...marks } = draft.taking.marks;
  return { ...draft, taking: { ...draft.taking, marks } };
}

let questionsOf: (service: string) => QuestionView[] = () => [];

/** Tells which questions a service asks; the core declares them, the server hands them on. */
export function knowQuestions(questions: (service: string) => QuestionView[]) {
  questionsOf = questions;
}

/** Whether an earlier answer makes a question apply. */
export function applies(draft: Draft, question: QuestionView, place: string): boolean {
  if (!question.whenKey) return true;
  const answer = at(draft.packet, `${place}/${question.whenKey}`);
  const given = Array.isArray(answer) ? answer.map(String) : [String(answer ?? "false")];
  return question.whenAnswers.some((wanted) => given.includes(wanted));
}

/** Puts aside the answers to questions that do not apply any more, and brings back those that do again. */
export function settled(draft: Draft): Draft {
  let now = draft;
  for (const [i, request] of draft.packet.requests.entries()) {
    const place = `/requests/${i}/answers`;
    for (const question of questionsOf(request.service)) {
      if (!question.whenKey) continue;
      const pointer = `${place}/${question.key}`;
      const said = at(now.packet, pointer);
      const kept = now.taking.aside?.[pointer];
      if (applies(now, question, place)) {
        if (kept !== undefined && said === undefined) now = moved(now, pointer, kept, undefined);
      } else if (said !== undefined && said !== null) {
        now = moved(now, pointer, undefined, said);
      }
    }
  }
  return now;
}

function moved(draft: Draft, pointer: string, said: unknown, kept: unknown): Draft {
  const { [pointer]: _old, ...rest } = draft.taking.aside ?? {};
  return {
    ...draft,
    packet: withValue(draft.packet, pointer, said),
    taking: { ...draft.taking, aside: kept === undefined ? rest : { ...rest, [pointer]: kept } },
  };
}
