import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";
import type { DraftHandle } from "../draft/useDraft";
import { shortDay } from "../parts/format";
import { OtherForm, type OtherFormAsked } from "../parts/OtherForm";
import { nameIn } from "./names";

const KINDS = ["employer", "doctor", "landlord", "lender"];

/** Forms that an employer, doctor, landlord or lender fills in: made with the household's consent, and listed as out. */
export function FormsOut({ handle, id }: { handle: DraftHandle; id: string }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const out = useQuery({
    queryKey: ["formsOut", id],
    queryFn: () => done(api.GET("/api/applications/{id}/forms-out", { params: { path: { id } } })),
  });
  const people = handle.draft.packet.household.people.map((one) => ({
    id: one.id,
    name: nameIn(handle.draft.packet, one.id),
  }));
  const make = async (asked: OtherFormAsked) => {
    await handle.settle();
    await done(api.POST("/api/applications/{id}/forms-out", { params: { path: { id } }, body: asked }));
    await queries.invalidateQueries({ queryKey: ["formsOut", id] });
  };
  return (
    <div>
      <h2 className="head">
        <span>{t("formsOut.title")}</span>
        <span>{out.data?.length || ""}</span>
      </h2>
      <ul>
        {out.data?.map((one) => (
          <li
            key={one.id}
            className="stacks stacks grid grid-cols-[15rem_1fr_12rem] gap-4 border-b border-base-300 py-1.5 items-baseline"
          >
            <a className="plain-link" href={`/api/forms-out/${one.id}`} target="_blank" rel="noreferrer">
              {one.title}
            </a>
            <span>
              <span className="case">{one.asked}</span>{" "}
              <span className="soft">
                {t("formsOut.about", { name: nameIn(handle.draft.packet, one.person) })}
              </span>
            </span>
            <span className="soft small text-right">
              {one.returnedAt
                ? t("formsOut.back", { day: shortDay(one.returnedAt) })
                : t("formsOut.since", { day: shortDay(one.madeAt) })}
            </span>
          </li>
        ))}
      </ul>
      <OtherForm
        nobody={t("formsOut.nobodyAllows")}
        kinds={KINDS.map((kind) => ({ kind, title: t(`formsOut.${kind}`), people }))}
        onMake={make}
      />
    </div>
  );
}
