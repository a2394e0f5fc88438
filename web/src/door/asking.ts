import { done, token } from "../api/client";
import { fetchOnce } from "../api/once";
import { forgetAll } from "./laidBy";

/** What the door asks of the server; each change carries the token. */
export async function put(path: string, body: unknown): Promise<Response> {
  return fetchOnce(
    new Request(`/api/door/${path}`, {
      method: "POST",
      headers: { "X-XSRF-TOKEN": token(), "Content-Type": "application/json" },
      body: JSON.stringify(body),
    }),
  );
}

/** The same where anything but yes is thrown, with its words. */
export async function putOrThrow(path: string, body: unknown): Promise<void> {
  const response = await put(path, body);
  await done(Promise.resolve({ error: await refusal(response), response }));
}

/** Sends a file for something that is wanted. */
export function sendFile(number: string, item: number, file: File, remark: string): Promise<void> {
  return sendBytes(`/api/door/claims/${number}/items/${item}/papers`, file, {
    "X-Paper-Name": encodeURIComponent(file.name),
    "X-Paper-Remark": encodeURIComponent(remark),
  });
}

/** Sends a file as further pages of what was sent for it before. */
export function sendPage(number: string, item: number, file: File): Promise<void> {
  return sendBytes(`/api/door/claims/${number}/items/${item}/papers/pages`, file, {});
}

/** Sends a file before it is lodged, for something that will be wanted; what came for it before stands before it. */
export function sendEarly(wanted: string, file: File, remark: string): Promise<void> {
  return sendBytes("/api/door/application/papers", file, {
    "X-Paper-For": encodeURIComponent(wanted),
    "X-Paper-Name": encodeURIComponent(file.name),
    "X-Paper-Remark": encodeURIComponent(remark),
  });
}

async function sendBytes(path: string, file: File, heads: Record<string, string>): Promise<void> {
  const response = await putBytes(path, file, heads);
  await done(Promise.resolve({ error: await refusal(response), response }));
}

/** Sends a file by the code of the form it is. */
export function sendForm(file: File, code: string, name: string, language: string): Promise<Response> {
  return putBytes(`/api/door/part/file?language=${language}`, file, {
    "X-Part-Code": encodeURIComponent(code),
    "X-Part-Name": encodeURIComponent(name),
  });
}

function putBytes(path: string, file: File, heads: Record<string, string>): Promise<Response> {
  return fetch(path, {
    method: "POST",
    headers: { "X-XSRF-TOKEN": token(), "Content-Type": "application/octet-stream", ...heads },
    body: file,
  });
}

async function refusal(response: Response): Promise<unknown> {
  const text = response.ok ? "" : await response.text();
  return text.startsWith("{") ? JSON.parse(text) : {};
}

/** Leaves at once: nothing is shown from here on, whatever the server says. */
export function leave(): void {
  forgetAll();
  void fetch("/api/door/exit", {
    method: "POST",
    keepalive: true,
    headers: { "X-XSRF-TOKEN": token() },
  }).catch(() => undefined);
  document.body.replaceChildren();
  document.title = "";
  window.location.replace("about:blank");
}
