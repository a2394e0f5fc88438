import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";
import type { DraftHandle } from "../draft/useDraft";
import { spoken, vocabulary } from "../i18n/words";
import { shortDay } from "../parts/format";
import { useTrying } from "../parts/useTrying";
import { nameIn } from "./names";

const LANGUAGES = vocabulary("language");
const KINDS = ["employer", "doctor", "landlord", "lender"];

/** Forms that an employer, doctor, landlord or lender fills in: made with the household's consent, and listed as out. */
export function FormsOut({ handle, id }: { handle: DraftHandle; id: string }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const [kind, setKind] = useState(KINDS[0]);
  const [person, setPerson] = useState("p1");
  const [to, setTo] = useState("");
  const [language, setLanguage] = useState("en");
  const [attempt, refusal] = useTrying();
  const out = useQuery({
    queryKey: ["formsOut", id],
    queryFn: () => done(api.GET("/api/applications/{id}/forms-out", { params: { path: { id } } })),
  });
  const make = () =>
    attempt(async () => {
      await handle.settle();
      await done(
        api.POST("/api/applications/{id}/forms-out", {
          params: { path: { id } },
          body: { kind, person, to, language },
        }),
      );
      setTo("");
      await queries.invalidateQueries({ queryKey: ["formsOut", id] });
    });
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
      <form
        className="flex flex-wrap gap-4 items-end mt-3"
        onSubmit={(event) => {
          event.preventDefault();
          make();
        }}
      >
        <label className="flex flex-col gap-0.5">
          <span className="soft small">{t("formsOut.which")}</span>
          <select className="select w-48" value={kind} onChange={(event) => setKind(event.target.value)}>
            {KINDS.map((one) => (
              <option key={one} value={one}>
                {t(`formsOut.${one}`)}
              </option>
            ))}
          </select>
        </label>
        <label className="flex flex-col gap-0.5">
          <span className="soft small">{t("formsOut.whom")}</span>
          <select className="select w-36" value={person} onChange={(event) => setPerson(event.target.value)}>
            {handle.draft.packet.household.people.map((one) => (
              <option key={one.id} value={one.id}>
                {nameIn(handle.draft.packet, one.id)}
              </option>
            ))}
          </select>
        </label>
        <label className="flex flex-col gap-0.5">
          <span className="soft small">{t("formsOut.to")}</span>
          <input className="input case w-52" value={to} onChange={(event) => setTo(event.target.value)} />
        </label>
        <label className="flex flex-col gap-0.5">
          <span className="soft small">{t("formsOut.language")}</span>
          <select
            className="select w-36"
            value={language}
            onChange={(event) => setLanguage(event.target.value)}
          >
            {LANGUAGES.map((one) => (
              <option key={one} value={one}>
                {spoken(one, "language")}
              </option>
            ))}
          </select>
        </label>
        <button type="submit" className="btn btn-sm" disabled={!to.trim()}>
          {t("formsOut.make")}
        </button>
      </form>
      <p role="alert" className="wrong mt-1">
        {refusal}
      </p>
    </div>
  );
}
