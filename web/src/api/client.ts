import createClient, { type Middleware } from "openapi-fetch";
import { fetchOnce } from "./once";
import type { components, paths } from "./schema";

export type Schemas = components["schemas"];
export type Margin = Schemas["Margin"];
export type ResultView = Schemas["ResultView"];
export type ClaimView = Schemas["ClaimView"];
export type ApplicationView = Schemas["ApplicationView"];
export type Row = Schemas["DeskRow"];
export type Fault = Schemas["Fault"];
export type QuestionView = Schemas["QuestionView"];

/** Something the server would not do, in words for the person at the desk. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly faults: Fault[],
  ) {
    super(message);
  }
}

/** The token that goes with every change. */
export function token(): string {
  return decodeURIComponent(document.cookie.match(/(?:^|; )XSRF-TOKEN=([^;]+)/)?.[1] ?? "");
}

/** From here on nobody is at the desk who did not touch a key or the mouse. Milliseconds. */
const LEFT_ALONE = 60_000;
let touchedAt = Date.now();
for (const touch of ["keydown", "pointerdown", "pointermove"]) {
  window.addEventListener(touch, () => {
    touchedAt = Date.now();
  });
}

const tokens: Middleware = {
  onRequest({ request }) {
    if (Date.now() - touchedAt > LEFT_ALONE) {
      // What the page asks by itself does not keep anybody signed in.
      request.headers.set("X-Untouched", "yes");
    }
    if (request.method !== "GET") {
      request.headers.set("X-XSRF-TOKEN", token());
    }
    return request;
  },
};

export const api = createClient<paths>({ baseUrl: "/", fetch: fetchOnce });
api.use(tokens);

interface Answer<T> {
  data?: T;
  error?: unknown;
  response: Response;
}

/** The data of an answer; a refusal is thrown with its words. */
export async function done<T>(answer: Promise<Answer<T>>): Promise<T> {
  const { data, error, response } = await answer;
  if (response.ok) {
    return data as T;
  }
  const problem = (typeof error === "object" && error ? error : {}) as { detail?: string; faults?: Fault[] };
  throw new Refusal(response.status, problem.detail ?? words(response.status), problem.faults ?? []);
}

/** What a refusal without words comes to. */
export function words(status: number): string {
  if (status === 401) return "You are signed out. Sign in again; what was typed here stays.";
  if (status === 403) return "That is not yours to do.";
  return "The server could not do that just now. Nothing was changed.";
}

/** Sends a form or file that is not JSON, with the same refusals. */
export async function send<T>(path: string, body: BodyInit, type?: string): Promise<T | undefined> {
  const response = await fetch(path, {
    method: "POST",
    body,
    headers: { "X-XSRF-TOKEN": token(), ...(type ? { "Content-Type": type } : {}) },
  });
  const text = await response.text();
  return done<T | undefined>(
    Promise.resolve({
      data: text && response.ok ? JSON.parse(text) : undefined,
      error: text && !response.ok && text.startsWith("{") ? JSON.parse(text) : undefined,
      response,
    }),
  );
}
