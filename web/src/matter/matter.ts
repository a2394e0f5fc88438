import type { QuestionView } from "../api/client";
import type { DraftHandle } from "../draft/useDraft";

/** The service whose questions are asked, in which application, on which day. */
export interface Matter {
  service: string;
  /** The application; empty while nothing is kept. */
  id: string;
  today: string;
}

/** What the rules work out on the way to help whoever asks. */
export function aid<T>(handle: DraftHandle, matter: Matter, name: string): T | undefined {
  const result = handle.margin?.results.find((one) => one.service === matter.service);
  return result?.aids[name] as T | undefined;
}

/** A question to be drawn, with where its answer stands and the keys on the way to it, with dots between. */
export interface QuestionProps {
  handle: DraftHandle;
  question: QuestionView;
  pointer: string;
  path: string;
  matter: Matter;
}
