/** From here on the server itself is at fault, and nobody knows whether it was done. */
const SERVERS_FAULT = 500;
const KEY = "Idempotency-Key";

/** What was sent and never answered, with the key it went under. */
const unanswered = new Map<string, string>();

/**
 * Sends a change with a key of its own. Where no answer came, the same change goes under the same key when it is sent
 * again, so that it is not done twice.
 */
export async function fetchOnce(request: Request): Promise<Response> {
  if (request.method !== "POST" || request.headers.get("Content-Type") !== "application/json") {
    return fetch(request);
  }
  const what = `${request.url}\n${await request.clone().text()}`;
  const key = unanswered.get(what) ?? made();
  unanswered.set(what, key);
  request.headers.set(KEY, key);
  const response = await fetch(request);
  if (response.status < SERVERS_FAULT) unanswered.delete(what);
  return response;
}

/** 128 bits nobody guesses, without what only an encrypted connection has. */
function made(): string {
  return [...crypto.getRandomValues(new Uint8Array(16))]
    .map((byte) => byte.toString(16).padStart(2, "0"))
    .join("");
}
