import { useTranslation } from "react-i18next";
import { AskedText, Choice, YesNo } from "../draft/Choice";
import { withoutEntry } from "../draft/entries";
import { at, withValue } from "../draft/packet";
import type { DraftHandle } from "../draft/useDraft";
import { fact, vocabulary } from "../i18n/words";

const KINDS = vocabulary("wayKind");

/** Further phones and addresses of somebody, each safe or not, with its own best time. */
export function FurtherWays({ handle, pointer }: { handle: DraftHandle; pointer: string }) {
  const { t } = useTranslation();
  const ways = (at(handle.draft.packet, pointer) as unknown[] | undefined) ?? [];
  return (
    <div className="mt-3">
      {ways.map((_way, i) => (
        <div key={i} className="flex flex-wrap gap-4 items-end mb-2">
          <span className="flex flex-col gap-0.5">
            <span className="soft small">{fact("people.contact.ways.kind")}</span>
            <Choice
              handle={handle}
              pointer={`${pointer}/${i}/kind`}
              label={`${fact("people.contact.ways.kind")} ${i + 1}`}
              of="wayKind"
              options={KINDS}
              className="w-36"
            />
          </span>
          <AskedText
            handle={handle}
            pointer={`${pointer}/${i}/at`}
            label={fact("people.contact.ways.at")}
            className="w-64"
          />
          <span className="flex flex-col gap-0.5">
            <span className="soft small">{fact("people.contact.ways.safe")}</span>
            <YesNo
              handle={handle}
              pointer={`${pointer}/${i}/safe`}
              label={`${fact("people.contact.ways.safe")} ${i + 1}`}
            />
          </span>
          <AskedText
            handle={handle}
            pointer={`${pointer}/${i}/bestTime`}
            label={fact("people.contact.ways.bestTime")}
            className="w-40"
          />
          <button
            type="button"
            className="soft cursor-pointer pb-2"
            aria-label={t("app.remove", { what: `${fact("people.contact.ways")} ${i + 1}` })}
            onClick={() => handle.change((draft) => withoutEntry(draft, pointer, i))}
          >
            ×
          </button>
        </div>
      ))}
      <button
        type="button"
        className="plain-link small"
        onClick={() =>
          handle.change((draft) => ({
            ...draft,
            packet: withValue(draft.packet, pointer, [...ways, { kind: "phone" }]),
          }))
        }
      >
        {t("speaking.addWay")}
      </button>
    </div>
  );
}
