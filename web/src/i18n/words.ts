import i18next from "i18next";
import { initReactI18next } from "react-i18next";
import en from "./en.json";
import said from "./said.json";

i18next.use(initReactI18next).init({
  lng: "en",
  fallbackLng: "en",
  resources: { en: { translation: en } },
  interpolation: { escapeValue: false },
  // The library advertises in the console otherwise, and remembers having done so.
  showSupportNotice: false,
});

const SAID: Record<string, string> = said;

/** The words of all vocabularies by the word alone; of two that share one, the first of the file. */
const PLAIN = new Map<string, string>();
for (const [key, words] of Object.entries(SAID)) {
  const word = key.startsWith("word.") ? key.slice(key.lastIndexOf(".") + 1) : undefined;
  if (word && !PLAIN.has(word)) PLAIN.set(word, words);
}

/** A word of a packet as it is said: of a vocabulary where one is named, else of whichever has it. */
export function spoken(word: string, vocabulary?: string | null): string {
  return (
    (vocabulary && SAID[`word.${vocabulary}.${word}`]) ||
    i18next.t(`word.${word}`, { defaultValue: "" }) ||
    PLAIN.get(word) ||
    SAID[`${word}.title`] ||
    word.replace(/([a-z])([A-Z0-9])/g, "$1 $2").toLowerCase()
  );
}

/** How a service is called, by its word. */
export function serviceTitle(word: string): string {
  return SAID[`${word}.title`] ?? spoken(word);
}

/** The words of a vocabulary, in its order. */
export function vocabulary<Word extends string = string>(name: string): Word[] {
  const prefix = `word.${name}.`;
  return Object.keys(SAID)
    .filter((key) => key.startsWith(prefix))
    .map((key) => key.slice(prefix.length) as Word);
}

/** A question as it is asked, by its service and its path within the answers: "landlord.agrees". */
export function asked(service: string, path: string): string {
  const words = spoken(path.slice(path.lastIndexOf(".") + 1));
  return SAID[`${service}.ask.${path}`] ?? words.charAt(0).toUpperCase() + words.slice(1);
}

type PlaceIn<Key> = Key extends `household.${infer Place}` ? Place : never;

/** A fact of the household as it is asked for, by its place: "people.givenName". */
export function fact(place: PlaceIn<keyof typeof said>): string {
  return said[`household.${place}`];
}

/** A place of a packet as it is called, from outside to inside: "What comes in, line 1, How often". */
export function placeWords(pointer: string): string {
  const [, answer] = pointer.split("/answers/");
  if (answer) {
    // Of services that ask the same by the same name, any may say it.
    const asks = `.ask.${answer
      .split("/")
      .filter((step) => !/^\d+$/.test(step))
      .join(".")}`;
    return SAID[Object.keys(SAID).find((key) => key.endsWith(asks)) ?? ""] ?? "";
  }
  const said: string[] = [];
  let path = "";
  for (const step of pointer.split("/").slice(1)) {
    if (/^\d+$/.test(step)) {
      said.push(i18next.t("line", { number: Number(step) + 1 }));
      continue;
    }
    path = path ? `${path}.${step}` : step;
    const words = SAID[path] ?? SAID[`household.${step}`] ?? (path === "household" ? "" : PLAIN.get(step));
    if (words) said.push(words);
  }
  return said.join(", ");
}

/** What an answer left open stands for. */
export function standsFor(service: string, path: string): string {
  return SAID[`${service}.otherwise.${path}`] ?? "";
}

/** What a service is, in the household's words. */
export interface About {
  what: string;
  who: string;
  pays: string;
  have: string[];
}

export function aboutService(service: string): About {
  return {
    what: SAID[`${service}.what`] ?? "",
    who: SAID[`${service}.who`] ?? "",
    pays: SAID[`${service}.pays`] ?? "",
    have: Object.keys(SAID)
      .filter((key) => key.startsWith(`${service}.bring.`))
      .map((key) => SAID[key]),
  };
}

/** What a kind of paper must show. */
export function mustShow(kind: string): string {
  return SAID[`common.shows.${kind}`] ?? "";
}

export default i18next;
