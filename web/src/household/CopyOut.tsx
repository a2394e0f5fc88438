import { useQuery } from "@tanstack/react-query";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";
import { spoken } from "../i18n/words";

interface Props {
  household: string;
  onOver: () => void;
}

/** All that is kept of somebody of the household as one file, for a senior to hand out. */
export function CopyOut({ household, onOver }: Props) {
  const { t } = useTranslation();
  const people = useQuery({
    queryKey: ["household", household, "deaths"],
    queryFn: () => done(api.GET("/api/households/{household}/deaths", { params: { path: { household } } })),
  });
  if (!people.data) return null;
  return (
    <section className="px-6 py-3 border-b border-base-300" aria-labelledby="copy-out">
      <h2 id="copy-out" className="head">
        {t("copyOut.title")}
      </h2>
      <p className="soft small max-w-[75ch] mb-1">{t("copyOut.what")}</p>
      <ul>
        {people.data.living.map((one) => (
          <li key={one.person} className="py-1">
            <a
              className="plain-link"
              href={`/api/households/${household}/people/${one.person}/copy`}
              download
            >
              {t("copyOut.of", { name: one.name })}
            </a>{" "}
            {one.role !== "applicant" && <span className="soft">{spoken(one.role)}</span>}
          </li>
        ))}
      </ul>
      <button type="button" className="btn btn-sm mt-1" onClick={onOver}>
        {t("copyOut.close")}
      </button>
    </section>
  );
}
