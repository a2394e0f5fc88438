import { useTranslation } from "react-i18next";
import { withoutEntry } from "../draft/entries";
import { place } from "../draft/Field";
import { at, withValue } from "../draft/packet";
import { applies } from "../draft/taking";
import { asked } from "../i18n/words";
import type { QuestionProps } from "./matter";
import { Offered } from "./Offered";
import { QuestionField } from "./QuestionField";

/** A list of groups, one row each. */
export function Rows({ handle, question, pointer, path, matter }: QuestionProps) {
  const { t } = useTranslation();
  const rows = (at(handle.draft.packet, pointer) as unknown[] | undefined) ?? [];
  return (
    <div>
      {rows.map((_, i) => (
        <div
          key={i}
          className="flex flex-wrap gap-x-4 gap-y-1 items-end border-b border-base-300 pb-1.5 mb-1.5"
        >
          {question.parts
            .filter((part) => !part.filledIn && applies(handle.draft, part, `${pointer}/${i}`))
            .map((part) => (
              <div key={part.key} data-question className="flex flex-col">
                <span className="soft small">{asked(matter.service, `${path}.${part.key}`)}</span>
                <QuestionField
                  narrow
                  {...{ handle, matter }}
                  question={part}
                  path={`${path}.${part.key}`}
                  pointer={`${pointer}/${i}/${part.key}`}
                />
                <Offered
                  {...{ handle, matter }}
                  path={`${path}.${part.key}`}
                  pointer={`${pointer}/${i}/${part.key}`}
                />
              </div>
            ))}
          <button
            type="button"
            tabIndex={-1}
            className="soft cursor-pointer pb-2"
            aria-label={t("app.remove", { what: `${asked(matter.service, path)} ${i + 1}` })}
            onClick={() => handle.change((draft) => withoutEntry(draft, pointer, i))}
          >
            ×
          </button>
        </div>
      ))}
      <div className="flex flex-wrap items-center gap-4">
        <button
          type="button"
          data-flow
          id={`${place(pointer)}-add`}
          className="btn btn-xs"
          onClick={() => {
            const fresh = `${pointer}/${rows.length}`;
            handle.change((draft) => ({ ...draft, packet: withValue(draft.packet, fresh, {}) }));
            requestAnimationFrame(() =>
              document.querySelector<HTMLElement>(`[id^="${place(fresh)}-"]`)?.focus(),
            );
          }}
        >
          {t("app.add")}
        </button>
        {question.orNone && rows.length === 0 && (
          <label className="inline-flex items-center gap-2">
            <input
              type="checkbox"
              id={`${place(pointer)}-none`}
              className="checkbox checkbox-sm"
              checked={at(handle.draft.packet, pointer) !== undefined}
              onChange={(event) => handle.set(pointer, event.target.checked ? [] : undefined)}
            />
            {t("app.none")}
          </label>
        )}
      </div>
    </div>
  );
}
