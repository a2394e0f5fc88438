import i18next from "i18next";
import { initReactI18next } from "react-i18next";
import en from "./en.json";

i18next.use(initReactI18next).init({
  lng: "en",
  fallbackLng: "en",
  resources: { en: { translation: en } },
  interpolation: { escapeValue: false },
});

/** A key of the packet as it is said: "monthlyRent" is "monthly rent". */
export function spoken(key: string): string {
  const known = i18next.t(`word.${key}`, { defaultValue: "" });
  return known || key.replace(/([a-z])([A-Z0-9])/g, "$1 $2").toLowerCase();
}

export default i18next;
