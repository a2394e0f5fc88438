import { useTranslation } from "react-i18next";
import { withoutEntry } from "../draft/entries";
import { goOn, place } from "../draft/Field";
import { at } from "../draft/packet";
import { asked, spoken } from "../i18n/words";
import type { QuestionProps } from "./matter";
import { QuestionField } from "./QuestionField";

interface Urgent {
  kind?: string;
  on?: string;
}

/** What can't wait, in three questions; what is ticked is asked its day where it has one. */
export function Emergencies({ handle, question, pointer, path, matter }: QuestionProps) {
  const { t } = useTranslation();
  const said = (at(handle.draft.packet, pointer) as Urgent[] | undefined) ?? [];
  const kinds = question.parts.find((part) => part.key === "kind");
  const when = question.parts.find((part) => part.key === "on");
  if (!kinds || !when) return null;
  const tick = (kind: string, on: boolean) => {
    if (on) return handle.set(`${pointer}/${said.length}`, { kind });
    const index = said.findIndex((one) => one.kind === kind);
    handle.change((draft) => withoutEntry(draft, pointer, index));
  };
  return (
    <fieldset id={place(pointer)} onKeyDown={goOn} className="flex flex-col gap-3">
      <legend className="sr-only">{asked(matter.service, path)}</legend>
      {kinds.sets.map((set) => (
        <fieldset key={set.asked}>
          <legend className="soft">{set.asked}</legend>
          <div className="flex flex-wrap gap-x-6 gap-y-2 items-start">
            {set.options.map((kind) => {
              const rows = said.flatMap((one, i) => (one.kind === kind ? [i] : []));
              return (
                <div key={kind}>
                  <label className="inline-flex items-center gap-2 min-h-8">
                    <input
                      type="checkbox"
                      className="checkbox checkbox-sm"
                      checked={rows.length > 0}
                      onChange={(event) => tick(kind, event.target.checked)}
                    />
                    {spoken(kind, kinds.vocabulary)}
                  </label>
                  {when.whenAnswers.includes(kind) &&
                    rows.map((i) => (
                      <span key={i} className="flex items-center gap-2 mb-1">
                        <span className="soft small">{asked(matter.service, `${path}.on`)}</span>
                        <QuestionField
                          narrow
                          {...{ handle, matter }}
                          question={when}
                          path={`${path}.on`}
                          pointer={`${pointer}/${i}/on`}
                        />
                      </span>
                    ))}
                  {rows.length > 0 && when.whenAnswers.includes(kind) && (
                    <button
                      type="button"
                      tabIndex={-1}
                      className="plain-link small"
                      onClick={() => handle.set(`${pointer}/${said.length}`, { kind })}
                    >
                      {t("app.anotherDay")}
                    </button>
                  )}
                </div>
              );
            })}
          </div>
        </fieldset>
      ))}
    </fieldset>
  );
}
