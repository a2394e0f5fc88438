import { useTranslation } from "react-i18next";
import { AskedText, YesNo } from "../draft/Choice";
import { Field } from "../draft/Field";
import type { Person } from "../draft/packet";
import type { DraftHandle } from "../draft/useDraft";
import { fact } from "../i18n/words";

interface Props {
  handle: DraftHandle;
  person: Person;
  index: number;
}

/** What is asked of few: other names, another script, nights elsewhere, money kept apart, a disability. */
export function MoreOfPerson({ handle, person, index }: Props) {
  const { t } = useTranslation();
  const at = `/household/people/${index}`;
  const other = (person.otherNames as { name?: string }[] | undefined)?.[0]?.name ?? "";
  const set =
    other !== "" ||
    person.nameInScript !== undefined ||
    person.disabled !== undefined ||
    person.sharesMoney !== undefined ||
    person.nightsHere !== undefined;
  const kin = ["parent", "sibling", "relative"].includes(person.role ?? "");
  return (
    <details open={set} className="pl-1.5 border-b border-base-300">
      <summary className="small soft cursor-pointer py-0.5" tabIndex={-1}>
        {t("app.more", { name: person.givenName || t("app.person") })}
      </summary>
      <div className="flex flex-wrap gap-4 items-end pb-2 pt-1">
        <div className="flex flex-col gap-0.5">
          <span className="soft small">{fact("people.otherNames")}</span>
          <Field
            handle={handle}
            pointer={`${at}/otherNames/0/name`}
            label={`${fact("people.otherNames")} ${index + 1}`}
            shown={other}
            read={(text) => text}
            put={(value) => handle.set(`${at}/otherNames`, [{ kind: "former", name: value }])}
            clear={() => handle.set(`${at}/otherNames`, undefined)}
            className="w-56"
          />
        </div>
        <AskedText
          handle={handle}
          pointer={`${at}/nameInScript`}
          label={fact("people.nameInScript")}
          className="w-48"
        />
        <div className="flex flex-col gap-0.5">
          <span className="soft small">{fact("people.nightsHere")}</span>
          <Field
            handle={handle}
            pointer={`${at}/nightsHere`}
            label={`${fact("people.nightsHere")} ${index + 1}`}
            shown={person.nightsHere === undefined ? "" : String(person.nightsHere)}
            read={(text) => (/^\d{1,2}$/.test(text.trim()) && Number(text) <= 14 ? Number(text) : undefined)}
            expected="0 … 14"
            placeholder="14"
            className="w-20"
            right
          />
        </div>
        <div className="flex flex-col gap-0.5">
          <span className="soft small">{fact("people.disabled")}</span>
          <YesNo
            handle={handle}
            pointer={`${at}/disabled`}
            label={`${fact("people.disabled")} ${index + 1}`}
          />
        </div>
        {kin && (
          <div className="flex flex-col gap-0.5">
            <span className="soft small">{fact("people.sharesMoney")}</span>
            <YesNo
              handle={handle}
              pointer={`${at}/sharesMoney`}
              label={`${fact("people.sharesMoney")} ${index + 1}`}
            />
          </div>
        )}
      </div>
    </details>
  );
}
