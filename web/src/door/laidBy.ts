import { api, done } from "../api/client";

/** What was typed and chosen at one place and is not sent yet. */
export interface Held {
  text: string;
  files: File[];
}

const DATABASE = "civitane-door";
const PLACES = "places";
/** Longer than any visit, so than any key. Milliseconds. */
const LONGEST = 2 * 60 * 60_000;

interface Sealed {
  iv: Uint8Array<ArrayBuffer>;
  bytes: ArrayBuffer;
}

/** What the device keeps of a place: nothing of it can be read without the key, the name of the place neither. */
interface Kept {
  place: string;
  at: number;
  /** What was typed with the names of the files, then each file. */
  parts: Sealed[];
}

interface Keys {
  seals: CryptoKey;
  names: CryptoKey;
}

/** The key is the visit's: the server gives it as long as that lasts, and this page alone has it. */
let visit: Promise<Keys | undefined> | undefined;
/** One after the other, so that what is forgotten was laid by before. */
let under: Promise<unknown> = Promise.resolve();

/** Keeps what is held at a place on the device, encrypted, in the place of what was kept there. */
export function layBy(place: string, held: Held): Promise<void> {
  return inTurn(async (keys) => {
    const { text, files } = held;
    const names = files.map(({ name, type, lastModified }) => ({ name, type, lastModified }));
    const parts = [await seal(keys, new TextEncoder().encode(JSON.stringify({ text, names })))];
    for (const file of files) parts.push(await seal(keys, await file.arrayBuffer()));
    const kept: Kept = { place: await nameOf(keys, place), at: Date.now(), parts };
    await within("readwrite", (places) => places.put(kept));
  });
}

/** What a page that ended meanwhile left at a place; nothing where there is none, or it can't be read. */
export async function laidBy(place: string): Promise<Held | undefined> {
  let held: Held | undefined;
  await inTurn(async (keys) => {
    const name = await nameOf(keys, place);
    const kept: Kept | undefined = await within("readonly", (places) => places.get(name));
    const [head, ...bodies] = await Promise.all((kept?.parts ?? []).map((part) => open(keys, part)));
    if (!head) return;
    const { text, names } = JSON.parse(new TextDecoder().decode(head));
    held = {
      text,
      files: bodies.map((body, i) => {
        const { name, type, lastModified } = names[i];
        return new File([body], name, { type, lastModified });
      }),
    };
  });
  return held;
}

/** What was held at a place has arrived, or is not wanted any more. */
export function forget(place: string): Promise<void> {
  return inTurn(async (keys) => {
    const name = await nameOf(keys, place);
    await within("readwrite", (places) => places.delete(name));
  });
}

/** Nothing stays on the device, and what is still under way is not kept any more. Asked for before the page goes. */
export function forgetAll(): void {
  visit = undefined;
  if (!globalThis.indexedDB) return;
  indexedDB.deleteDatabase(DATABASE);
  // What was being written meanwhile would stay.
  under = under.then(() => indexedDB.deleteDatabase(DATABASE));
}

/** Does something once everything before it is done; without a key, or where the device keeps nothing, nothing. */
function inTurn(what: (keys: Keys) => Promise<void>): Promise<void> {
  visit ??= keysOfVisit();
  const here = visit;
  const done = under.then(async () => {
    const keys = await here;
    // The visit may have ended meanwhile.
    if (visit !== here) return;
    if (keys) await what(keys);
    else visit = undefined;
  });
  // A device that keeps nothing, as some do in private, is no reason to stop anybody.
  under = done.catch(() => undefined);
  return under as Promise<void>;
}

async function keysOfVisit(): Promise<Keys | undefined> {
  // Both are there on encrypted lines only.
  if (!globalThis.crypto?.subtle || !globalThis.indexedDB) return undefined;
  try {
    const { key } = await done(api.GET("/api/door/device-key"));
    const bytes = Uint8Array.from(key.match(/../g) ?? [], (two) => Number.parseInt(two, 16));
    const secret = await crypto.subtle.importKey("raw", bytes, "HKDF", false, ["deriveKey"]);
    const from = (info: string) => ({
      name: "HKDF",
      hash: "SHA-256",
      salt: new Uint8Array(),
      info: new TextEncoder().encode(info),
    });
    await forgetOld();
    return {
      seals: await crypto.subtle.deriveKey(from("seals"), secret, { name: "AES-GCM", length: 256 }, false, [
        "encrypt",
        "decrypt",
      ]),
      names: await crypto.subtle.deriveKey(
        from("names"),
        secret,
        { name: "HMAC", hash: "SHA-256", length: 256 },
        false,
        ["sign"],
      ),
    };
  } catch {
    return undefined;
  }
}

async function seal(keys: Keys, plain: BufferSource): Promise<Sealed> {
  const iv = crypto.getRandomValues(new Uint8Array(12));
  return { iv, bytes: await crypto.subtle.encrypt({ name: "AES-GCM", iv }, keys.seals, plain) };
}

function open(keys: Keys, { iv, bytes }: Sealed): Promise<ArrayBuffer> {
  return crypto.subtle.decrypt({ name: "AES-GCM", iv }, keys.seals, bytes);
}

async function nameOf(keys: Keys, place: string): Promise<string> {
  const name = await crypto.subtle.sign("HMAC", keys.names, new TextEncoder().encode(place));
  return Array.from(new Uint8Array(name), (byte) => byte.toString(16).padStart(2, "0")).join("");
}

async function forgetOld(): Promise<void> {
  const all: Kept[] = await within("readonly", (places) => places.getAll());
  for (const old of all.filter((one) => one.at < Date.now() - LONGEST))
    await within("readwrite", (places) => places.delete(old.place));
}

async function within<T>(
  mode: IDBTransactionMode,
  ask: (places: IDBObjectStore) => IDBRequest<T>,
): Promise<T> {
  const opening = indexedDB.open(DATABASE, 1);
  opening.onupgradeneeded = () => opening.result.createObjectStore(PLACES, { keyPath: "place" });
  const database = await answer(opening);
  try {
    return await answer(ask(database.transaction(PLACES, mode).objectStore(PLACES)));
  } finally {
    // One that is open would hold up that all of it is deleted.
    database.close();
  }
}

function answer<T>(request: IDBRequest<T>): Promise<T> {
  return new Promise((resolve, reject) => {
    request.onsuccess = () => resolve(request.result);
    request.onerror = () => reject(request.error);
  });
}
