import { useTranslation } from "react-i18next";
import { Asked, AskedText, Choice, YesNo } from "../draft/Choice";
import type { DraftHandle } from "../draft/useDraft";
import { fact, vocabulary } from "../i18n/words";
import { FurtherWays } from "./FurtherWays";

const FORMATS = vocabulary("readingFormat");
const WAYS = ["mayCall", "mayText", "mayWrite"] as const;

/** How each adult may be reached, and which ways are safe: every later letter and message goes by it. */
export function ReachPart({ handle }: { handle: DraftHandle }) {
  const { t } = useTranslation();
  const people = handle.draft.packet.household.people;
  return (
    <section className="flex flex-col gap-6">
      <p className="soft max-w-2xl">{t("app.safeNote")}</p>
      {people.map((person, i) => {
        if (person.role !== "applicant" && !handle.margin?.adults.includes(person.id)) return null;
        const contact = `/household/people/${i}/contact`;
        return (
          <div key={person.id}>
            <h2 className="head">
              <span className="case text-base-content text-lg">{person.givenName || t("app.person")}</span>
            </h2>
            <div className="flex flex-wrap gap-4 items-end">
              <AskedText
                handle={handle}
                pointer={`${contact}/phone`}
                label={fact("people.contact.phone")}
                className="w-44"
              />
              <AskedText
                handle={handle}
                pointer={`${contact}/email`}
                label={fact("people.contact.email")}
                className="w-64"
              />
              <AskedText
                handle={handle}
                pointer={`${contact}/bestTime`}
                label={fact("people.contact.bestTime")}
                className="w-40"
              />
              <div className="basis-full" />
              <AskedText
                handle={handle}
                pointer={`${contact}/speaks`}
                label={fact("people.contact.speaks")}
                className="w-40"
              />
              <AskedText
                handle={handle}
                pointer={`${contact}/reads`}
                label={fact("people.contact.reads")}
                className="w-40"
              />
              <div className="flex flex-col gap-0.5">
                <span className="soft small">{fact("people.contact.interpreter")}</span>
                <YesNo
                  handle={handle}
                  pointer={`${contact}/interpreter`}
                  label={fact("people.contact.interpreter")}
                />
              </div>
              <Asked label={fact("people.contact.format")}>
                <Choice
                  handle={handle}
                  pointer={`${contact}/format`}
                  label={fact("people.contact.format")}
                  of="readingFormat"
                  options={FORMATS}
                  className="w-56"
                />
              </Asked>
              <div className="basis-full" />
              {WAYS.map((key) => (
                <div key={key} className="flex flex-col gap-0.5">
                  <span className="soft small">{fact(`people.contact.${key}`)}</span>
                  <YesNo
                    handle={handle}
                    pointer={`${contact}/${key}`}
                    label={fact(`people.contact.${key}`)}
                  />
                </div>
              ))}
            </div>
            <FurtherWays handle={handle} pointer={`${contact}/ways`} />
          </div>
        );
      })}
    </section>
  );
}
