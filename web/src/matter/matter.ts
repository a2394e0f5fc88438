import type { QuestionView, Schemas } from "../api/client";
import type { DraftHandle } from "../draft/useDraft";

/** The service whose questions are asked, in which application, on which day. */
export interface Matter {
  service: string;
  /** The application; empty while nothing is kept. */
  id: string;
  today: string;
}

/** What helps to ask for a service, each by the name of its record. */
type Aids = Extract<keyof Schemas, `${string}Aids`>;

/** What the rules work out on the way to help whoever asks. */
export function aids<Name extends Aids>(
  handle: DraftHandle,
  matter: Matter,
): Partial<Schemas[Name]> | undefined {
  const result = handle.margin?.results.find((one) => one.service === matter.service);
  return result?.aids as Partial<Schemas[Name]> | undefined;
}

/** A question to be drawn, with where its answer stands and the keys on the way to it, with dots between. */
export interface QuestionProps {
  handle: DraftHandle;
  question: QuestionView;
  pointer: string;
  path: string;
  matter: Matter;
}
