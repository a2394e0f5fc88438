import { createContext, useContext } from "react";

/** The door's words in the reader's language, by their keys. */
export const DoorWords = createContext<Record<string, string>>({});

/** The language that is read. */
export const Tongue = createContext("en");

export const useTongue = () => useContext(Tongue);

/** Where digits of their own are read, they are written. */
const DIGITS: Record<string, string> = { ar: "ar-u-nu-arab" };

/** How a number is written. */
export function useNumber(): (value: number) => string {
  const tongue = useTongue();
  const numbers = new Intl.NumberFormat(DIGITS[tongue] ?? tongue);
  return (value) => numbers.format(value);
}

/** What stands under a key. */
export function useSay(): (key: string) => string {
  const labels = useContext(DoorWords);
  return (key) => labels[key] ?? "";
}

export const TONGUES = [
  { word: "en", called: "English" },
  { word: "fr", called: "Français" },
  { word: "pt", called: "Português" },
  { word: "ar", called: "العربية" },
] as const;

/** The language of the address, else that of the browser, else English. */
export function firstTongue(): string {
  const asked = new URLSearchParams(window.location.search).get("language") ?? navigator.language;
  const word = asked.slice(0, 2).toLowerCase();
  return TONGUES.some((one) => one.word === word) ? word : "en";
}
