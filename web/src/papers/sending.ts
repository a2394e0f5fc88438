import { Refusal, token, words } from "../api/client";

/** How a file is to be filed. */
export interface Filing {
  kind: string;
  item?: number;
  person?: string;
  income?: string;
  remark?: string;
}

/** Sends a file as a paper of a claim, and says how far it is, from 0 to 1. */
export function sendPaper(
  number: string,
  file: File,
  filing: Filing,
  onProgress: (done: number) => void,
): Promise<string> {
  const head: Record<string, string> = { "X-Paper-Kind": filing.kind };
  if (filing.item !== undefined) head["X-Paper-Item"] = String(filing.item);
  if (filing.person) head["X-Paper-Person"] = filing.person;
  if (filing.income) head["X-Paper-Income"] = filing.income;
  if (filing.remark) head["X-Paper-Remark"] = encodeURIComponent(filing.remark);
  return sendFile(`/api/claims/${number}/papers`, file, head, onProgress);
}

/** Sends a file that came by post, and says how far it is, from 0 to 1. */
export function sendPost(file: File, onProgress: (done: number) => void): Promise<string> {
  return sendFile("/api/tray", file, {}, onProgress);
}

/** The same of letters of ours that came back undelivered. */
export function sendEnvelopes(file: File, onProgress: (done: number) => void): Promise<string> {
  return sendFile("/api/tray", file, { "X-Paper-Envelopes": "yes" }, onProgress);
}

/** A lost connection is no end: it is sent again when the line is back, a few times. */
async function sendFile(
  path: string,
  file: File,
  head: Record<string, string>,
  onProgress: (done: number) => void,
): Promise<string> {
  for (let attempt = 1; ; attempt++) {
    try {
      return await once(path, file, head, onProgress);
    } catch (problem) {
      if (problem instanceof Refusal || attempt === ATTEMPTS) throw problem;
      await back();
    }
  }
}

const ATTEMPTS = 5;

/** A while, or until the line is back. Milliseconds. */
const A_WHILE = 3_000;

function back(): Promise<void> {
  return new Promise((resolve) => {
    const over = () => {
      clearTimeout(waiting);
      window.removeEventListener("online", over);
      resolve();
    };
    const waiting = setTimeout(over, A_WHILE);
    window.addEventListener("online", over);
  });
}

function once(
  path: string,
  file: File,
  head: Record<string, string>,
  onProgress: (done: number) => void,
): Promise<string> {
  return new Promise((resolve, reject) => {
    const request = new XMLHttpRequest();
    request.open("POST", path);
    request.setRequestHeader("Content-Type", "application/octet-stream");
    request.setRequestHeader("X-XSRF-TOKEN", token());
    request.setRequestHeader("X-Paper-Name", encodeURIComponent(file.name));
    for (const [name, value] of Object.entries(head)) request.setRequestHeader(name, value);
    request.upload.onprogress = (event) => onProgress(event.total ? event.loaded / event.total : 0);
    request.onerror = () => reject(new Error("lost"));
    request.onload = () => {
      const answer = request.responseText.startsWith("{") ? JSON.parse(request.responseText) : {};
      if (request.status < 300) resolve(answer.id);
      else reject(new Refusal(request.status, answer.detail ?? words(request.status), []));
    };
    request.send(file);
  });
}
