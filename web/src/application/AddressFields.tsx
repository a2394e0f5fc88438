import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done, type Schemas } from "../api/client";
import { Asked, AskedText } from "../draft/Choice";
import { Proposed } from "../draft/Proposed";
import { at } from "../draft/packet";
import type { DraftHandle } from "../draft/useDraft";
import { fact } from "../i18n/words";

type Known = Schemas["Proposed"];

/** What is shorter names too many streets. */
const SHORTEST = 3;

interface Props {
  handle: DraftHandle;
  place: string;
  label?: string;
  /** Whether it is where the household lives. */
  home?: boolean;
}

/** An address: what the address book knows is proposed as it is typed, and once more when it was left otherwise. */
export function AddressFields({ handle, place, label, home }: Props) {
  const { t } = useTranslation();
  const [left, setLeft] = useState("");
  const typed = (key: string) => String(at(handle.draft.packet, `${place}/${key}`) ?? "");
  const line1 = typed("line1");
  const postcode = typed("postcode");
  const written = `${line1} ${postcode}`;
  const found = useQuery({
    queryKey: ["addresses", line1, postcode],
    queryFn: () => done(api.POST("/api/addresses", { body: { line1, postcode: postcode || undefined } })),
    enabled: line1.length >= SHORTEST,
    placeholderData: (before: Known[] | undefined) => before,
  });
  const known = line1.length < SHORTEST ? [] : (found.data ?? []);
  const near = left === written && !known.some((one) => one.exact) ? known : [];
  const choose = (one: Known) =>
    handle.change((draft) => {
      const packet = structuredClone(draft.packet);
      const address = at(packet, place) as Record<string, unknown> | undefined;
      if (address) Object.assign(address, { line1: one.line1, postcode: one.postcode, town: one.town });
      return { ...draft, packet };
    });
  const leave = () => setLeft(written);
  return (
    <div>
      {label && <p className="soft small mb-1">{label}</p>}
      <div className="flex flex-wrap gap-4">
        <Asked label={fact("address.line1")}>
          <Proposed
            handle={handle}
            pointer={`${place}/line1`}
            label={fact("address.line1")}
            className="w-96"
            proposals={known.map(inFull)}
            onTake={(words) => {
              const taken = known.find((one) => inFull(one) === words);
              if (taken) choose(taken);
            }}
            onLeave={leave}
          />
        </Asked>
        <AskedText
          handle={handle}
          pointer={`${place}/postcode`}
          label={fact("address.postcode")}
          className="w-28"
          onLeave={leave}
        />
        <AskedText handle={handle} pointer={`${place}/town`} label={fact("address.town")} className="w-56" />
      </div>
      {near.length > 0 && (
        <p className="mt-2" role="status">
          <span className="soft">{t("app.isIt")}</span>{" "}
          {near.map((one) => (
            <button key={inFull(one)} type="button" className="btn btn-xs mr-2" onClick={() => choose(one)}>
              <span className="case">{inFull(one)}</span>
            </button>
          ))}
          <button
            type="button"
            className="plain-link small"
            onClick={() => {
              handle.take((old) => ({ ...old, asTyped: true }));
              setLeft("");
            }}
          >
            {t("app.asTyped")}
          </button>
        </p>
      )}
      {home && handle.draft.taking.asTyped && near.length === 0 && (
        <p className="small soft mt-1">{t("app.keptAsTyped")}</p>
      )}
    </div>
  );
}

function inFull(one: Known): string {
  return `${one.line1}, ${one.postcode} ${one.town}`;
}
