import { useQuery } from "@tanstack/react-query";
import { useTranslation } from "react-i18next";
import { api, done, type Schemas } from "../api/client";
import type { DraftHandle } from "../draft/useDraft";
import { mustShow, spoken } from "../i18n/words";
import { FormsOut } from "./FormsOut";
import { nameIn } from "./names";

interface Props {
  handle: DraftHandle;
  id: string;
  offers: Schemas["Offer"][];
}

/** The papers that will be wanted, with what each must show, and the forms others fill in. */
export function PapersPart({ handle, id, offers }: Props) {
  const { t } = useTranslation();
  const wants = handle.margin?.wants ?? [];
  const came = useQuery({
    queryKey: ["application", id, "early-papers"],
    queryFn: () => done(api.GET("/api/applications/{id}/early-papers", { params: { path: { id } } })),
  });
  const pages = new Map(came.data?.map((one) => [one.wanted, one.pages]));
  const title = (service: string) => offers.find((offer) => offer.service === service)?.title ?? service;
  return (
    <section className="flex flex-col gap-7 max-w-4xl">
      <div>
        <h2 className="head">
          <span>{t("papers.wanted")}</span>
          <span>{wants.length || ""}</span>
        </h2>
        {wants.length === 0 && <p className="soft">{t("papers.none")}</p>}
        <ul>
          {wants.map((want) => (
            <li
              key={`${want.kind}${want.of}`}
              className="stacks stacks grid grid-cols-[15rem_1fr_12rem] gap-4 border-b border-base-300 py-1.5"
            >
              <span>
                <span className="case">{spoken(want.kind)}</span>
                {want.of && <span className="soft">, {nameIn(handle.draft.packet, want.of)}</span>}
              </span>
              <span>
                {mustShow(want.kind)}
                {pages.has(`${want.kind}:${want.of}`) && (
                  <span className="block">
                    ✓ {t("papers.came", { count: pages.get(`${want.kind}:${want.of}`) })}
                  </span>
                )}
              </span>
              <span className="soft small text-right">{want.services.map(title).join(", ")}</span>
            </li>
          ))}
        </ul>
        <p className="soft small mt-2">{t("papers.note")}</p>
      </div>
      <FormsOut handle={handle} id={id} />
    </section>
  );
}
