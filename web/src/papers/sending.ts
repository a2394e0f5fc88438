import { Refusal, token, words } from "../api/client";

/** How a file is to be filed. */
export interface Filing {
  kind: string;
  item?: number;
  person?: string;
  income?: string;
  remark?: string;
}

/**
 * Sends a file as a paper of a claim, and says how far it is, from 0 to 1.
 *
 * A lost connection is no end: it is sent again when the line is back, a few times.
 */
export async function sendPaper(
  number: string,
  file: File,
  filing: Filing,
  onProgress: (done: number) => void,
): Promise<string> {
  for (let attempt = 1; ; attempt++) {
    try {
      return await once(number, file, filing, onProgress);
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
  number: string,
  file: File,
  filing: Filing,
  onProgress: (done: number) => void,
): Promise<string> {
  return new Promise((resolve, reject) => {
    const request = new XMLHttpRequest();
    request.open("POST", `/api/claims/${number}/papers`);
    request.setRequestHeader("Content-Type", "application/octet-stream");
    request.setRequestHeader("X-XSRF-TOKEN", token());
    request.setRequestHeader("X-Paper-Kind", filing.kind);
    request.setRequestHeader("X-Paper-Name", encodeURIComponent(file.name));
    if (filing.item !== undefined) request.setRequestHeader("X-Paper-Item", String(filing.item));
    if (filing.person) request.setRequestHeader("X-Paper-Person", filing.person);
    if (filing.income) request.setRequestHeader("X-Paper-Income", filing.income);
    if (filing.remark) request.setRequestHeader("X-Paper-Remark", encodeURIComponent(filing.remark));
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
