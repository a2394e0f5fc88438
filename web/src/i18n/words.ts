import i18next from "i18next";
import { initReactI18next } from "react-i18next";
import about from "./about.json";
import ask from "./ask.json";
import en from "./en.json";
import papers from "./papers.json";
import tests from "./tests.json";

i18next.use(initReactI18next).init({
  lng: "en",
  fallbackLng: "en",
  resources: { en: { translation: en } },
  interpolation: { escapeValue: false },
  // The library advertises in the console otherwise, and remembers having done so.
  showSupportNotice: false,
});

/** A key of the packet as it is said: "monthlyRent" is "monthly rent". */
export function spoken(key: string): string {
  const known = i18next.t(`word.${key}`, { defaultValue: "" });
  return known || key.replace(/([a-z])([A-Z0-9])/g, "$1 $2").toLowerCase();
}

/** A question as it is asked, by its service and its path within the answers: "landlord.agrees". */
export function asked(service: string, path: string): string {
  const labels = (ask as Record<string, Record<string, string>>)[service];
  const words = spoken(path.slice(path.lastIndexOf(".") + 1));
  return labels?.[path] ?? words.charAt(0).toUpperCase() + words.slice(1);
}

/** What a service is, in the household's words. */
export interface About {
  what: string;
  who: string;
  pays: string;
  have: string[];
}

export function aboutService(service: string): About | undefined {
  return (about as Record<string, About>)[service];
}

/** What a kind of paper must show. */
export function mustShow(kind: string): string {
  return (papers as Record<string, string>)[kind] ?? "";
}

/** A test as it is said: "Income". */
export function testWords(id: string): string {
  return (tests as Record<string, string>)[id] ?? id;
}

export default i18next;
