import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";
import type { Draft } from "../draft/packet";
import { spoken } from "../i18n/words";
import { PeopleTokens } from "../parts/PeopleTokens";

interface Props {
  draft: Draft;
  application?: string;
  today: string;
}

/** The language of the desk. */
const OURS = "en";

/** Everything as it was told, to be read aloud from top to bottom, in our language or in the household's. */
export function Told({ draft, application, today }: Props) {
  const { t } = useTranslation();
  const theirs = draft.packet.language ?? OURS;
  const [language, setLanguage] = useState(OURS);
  const read = useQuery({
    queryKey: ["read-through", draft, language],
    queryFn: () =>
      done(
        api.POST("/api/read-through", { params: { query: { language, application } }, body: draft as never }),
      ),
    placeholderData: keepPreviousData,
    gcTime: 0,
  });
  return (
    <div>
      <h2 className="head">
        <span>{t("app.facts")}</span>
        {theirs !== OURS && (
          <span className="flex gap-2">
            {[OURS, theirs].map((one) => (
              <button
                key={one}
                type="button"
                className={`btn btn-xs ${one === language ? "btn-primary" : ""}`}
                aria-pressed={one === language}
                onClick={() => setLanguage(one)}
              >
                {spoken(one, "language")}
              </button>
            ))}
          </span>
        )}
      </h2>
      <PeopleTokens people={draft.packet.household.people} today={today} />
      <div lang={language} dir={language === "ar" ? "rtl" : "ltr"}>
        {read.data?.map((section) => (
          <section key={section.title} className="mt-5">
            <h3 className="case text-lg mb-1">{section.title}</h3>
            <dl>
              {section.lines.map((line, i) => (
                <div
                  key={i}
                  className="stacks stacks grid grid-cols-[22rem_1fr] gap-4 border-b border-base-300 py-1"
                >
                  <dt className="soft">{line.label}</dt>
                  <dd className="case">{line.value}</dd>
                </div>
              ))}
            </dl>
          </section>
        ))}
      </div>
    </div>
  );
}
