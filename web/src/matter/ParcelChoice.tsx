import { useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done, type Schemas } from "../api/client";
import { at, withValue } from "../draft/packet";
import { asked, spoken } from "../i18n/words";
import { fullDay, money } from "../parts/format";
import { useTrying } from "../parts/useTrying";
import type { QuestionProps } from "./matter";

type Parcel = Schemas["ParcelView"];

/** A parcel found in the property register by its address or number; what the register knows of it is filled in. */
export function ParcelChoice({ handle, pointer, path, matter }: QuestionProps) {
  const { t } = useTranslation();
  const [found, setFound] = useState<Parcel[]>();
  const [attempt, refusal] = useTrying();
  const number = String(at(handle.draft.packet, pointer) ?? "");
  const answers = pointer.slice(0, pointer.lastIndexOf("/"));
  const line1 = String(at(handle.draft.packet, "/household/address/line1") ?? "");
  const [words, setWords] = useState(number || line1);
  const look = () =>
    attempt(async () => {
      setFound(undefined);
      setFound(await done(api.POST("/api/parcels/search", { body: { words } })));
    });
  const choose = (parcel: Parcel) => {
    handle.change((draft) => {
      let packet = withValue(draft.packet, pointer, parcel.number);
      packet = withValue(packet, `${answers}/propertyClass`, parcel.propertyClass);
      packet = withValue(packet, `${answers}/currentValue`, parcel.assessedValue);
      packet = withValue(packet, `${answers}/valuedOn`, parcel.valuedOn);
      packet = withValue(packet, `${answers}/subject`, { area: parcel.area, condition: parcel.condition });
      return { ...draft, packet };
    });
    setFound([parcel]);
  };
  return (
    <div>
      <div className="flex gap-3 items-center">
        <input
          id={`at${pointer.replaceAll("/", "-")}`}
          className="input case w-72"
          aria-label={asked(matter.service, path)}
          value={words}
          placeholder={t("parcel.hint")}
          onChange={(event) => setWords(event.target.value)}
          onKeyDown={(event) => {
            if (event.key === "Enter") {
              event.preventDefault();
              look();
            }
          }}
        />
        <button type="button" data-flow className="btn btn-sm" onClick={look}>
          {t("parcel.find")}
        </button>
        {number && <span className="case">{number}</span>}
      </div>
      <p role="alert" className="wrong">
        {refusal}
      </p>
      {found?.length === 0 && <p className="soft">{t("parcel.none")}</p>}
      <ul>
        {found?.map((parcel) => (
          <li
            key={parcel.number}
            className="stacks stacks grid grid-cols-[16rem_1fr_auto] gap-4 items-center border-b border-base-300 py-1"
          >
            <span className="case">
              {parcel.line1}, {parcel.town}
            </span>
            <span className="soft small">
              {parcel.owner} · {spoken(parcel.propertyClass)} · {parcel.area} m² ·{" "}
              {t("parcel.condition", { condition: parcel.condition })} · {money(parcel.assessedValue)} ·{" "}
              {fullDay(parcel.valuedOn)}
            </span>
            <button
              type="button"
              className="btn btn-xs"
              disabled={parcel.number === number}
              onClick={() => choose(parcel)}
            >
              {parcel.number === number ? t("parcel.chosen") : t("parcel.choose")}
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}
