import { afterEach, expect, test, vi } from "vitest";
import { fetchOnce } from "./once";

const sent: (string | null)[] = [];

function answering(answer: () => Promise<Response>) {
  sent.length = 0;
  vi.stubGlobal("fetch", (request: Request) => {
    sent.push(request.headers.get("Idempotency-Key"));
    return answer();
  });
}

function change(text: string) {
  return new Request("http://127.0.0.1/api/said", {
    method: "POST",
    headers: { "Content-Type": "application/json" },
    body: JSON.stringify({ text }),
  });
}

afterEach(() => vi.unstubAllGlobals());

test("what got no answer goes again under its key, and anew once it was answered", async () => {
  answering(() => Promise.reject(new TypeError("no connection")));
  await expect(fetchOnce(change("a"))).rejects.toThrow();
  await expect(fetchOnce(change("a"))).rejects.toThrow();
  await expect(fetchOnce(change("b"))).rejects.toThrow();
  expect(sent[0]).toMatch(/^[0-9a-f]{32}$/);
  expect(sent[1]).toBe(sent[0]);
  expect(sent[2]).not.toBe(sent[0]);
  const first = sent[0];
  answering(() => Promise.resolve(new Response("{}", { status: 200 })));
  await fetchOnce(change("a"));
  await fetchOnce(change("a"));
  expect(sent[0]).toBe(first);
  expect(sent[1]).not.toBe(first);
});

test("where the server is at fault nobody knows, and the key stays; a refusal ends it", async () => {
  answering(() => Promise.resolve(new Response("", { status: 503 })));
  await fetchOnce(change("c"));
  await fetchOnce(change("c"));
  expect(sent[1]).toBe(sent[0]);
  answering(() => Promise.resolve(new Response("", { status: 422 })));
  await fetchOnce(change("c"));
  await fetchOnce(change("c"));
  expect(sent[1]).not.toBe(sent[0]);
});

test("what only asks carries no key", async () => {
  answering(() => Promise.resolve(new Response("{}")));
  await fetchOnce(new Request("http://127.0.0.1/api/said"));
  expect(sent).toEqual([null]);
});
