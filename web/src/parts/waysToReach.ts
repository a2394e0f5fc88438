import type { useTranslation } from "react-i18next";
import type { Contact } from "../draft/packet";
import { spoken } from "../i18n/words";

/** How somebody is reached, which ways are safe, and how to speak with them, one after the other. */
export function waysToReach(contact: Contact, t: ReturnType<typeof useTranslation>["t"]): string[] {
  const safe = [
    contact.mayCall && t("speaking.call"),
    contact.mayText && t("speaking.text"),
    contact.mayWrite && t("speaking.write"),
    contact.bestTime,
  ];
  const first = [contact.phone, contact.email, ...safe].filter(Boolean).join(", ");
  const further = (contact.ways ?? []).map((way) =>
    [
      way.at,
      t(way.safe === undefined ? "speaking.unsaidSafe" : way.safe ? "speaking.safe" : "speaking.notSafe"),
      way.bestTime,
    ]
      .filter(Boolean)
      .join(", "),
  );
  return [
    first,
    ...further,
    contact.speaks && t("speaking.speaks", { language: contact.speaks }),
    contact.interpreter && t("speaking.interpreter"),
    contact.reads && t("speaking.reads", { language: contact.reads }),
    contact.format && t("speaking.format", { format: spoken(contact.format, "readingFormat") }),
  ].filter((one): one is string => Boolean(one));
}
