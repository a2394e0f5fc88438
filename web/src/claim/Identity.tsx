import { useQuery } from "@tanstack/react-query";
import { useNavigate } from "@tanstack/react-router";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { api, type ClaimView, done, type Schemas } from "../api/client";
import { useTrying } from "../parts/useTrying";

/** How far each adult has shown who they are, what is taken for it, and the beginning of a check. */
export function Identity({ claim }: { claim: ClaimView }) {
  const { t } = useTranslation();
  const identity = useQuery({
    queryKey: ["claim", claim.number, "identity"],
    queryFn: () =>
      done(api.GET("/api/claims/{number}/identity", { params: { path: { number: claim.number } } })),
  });
  const known = identity.data;
  if (!known) return <p className="soft px-6 py-3">{t("claim.loading")}</p>;
  return (
    <section
      className="stacks grid grid-cols-[minmax(0,1fr)_26rem] gap-8 px-6 py-3 border-b border-base-300"
      aria-label={t("identity.title")}
    >
      <div className="flex flex-col gap-3">
        {known.people.map((person) => (
          <Person key={person.person} claim={claim} person={person} />
        ))}
      </div>
      <dl className="small">
        <dt className="soft">{t("identity.photos")}</dt>
        <dd>{known.photos.join(", ")}</dd>
        <dt className="soft mt-1">{t("identity.others")}</dt>
        <dd>{known.others.join(", ")}</dd>
        <dt className="soft mt-1">{t("identity.recent", { count: known.recentDays })}</dt>
        <dd>{known.recent.join(", ")}</dd>
        <dt className="soft mt-1">{t("identity.files")}</dt>
        <dd>{t("identity.accepted")}</dd>
      </dl>
    </section>
  );
}

function Person({ claim, person }: { claim: ClaimView; person: Schemas["ShownIdentity"] }) {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const [attempt, refusal] = useTrying();
  const [notTheirs, setNotTheirs] = useState(false);
  const begin = () =>
    attempt(async () => {
      const view = await done(
        api.POST("/api/claims/{number}/identity", {
          params: { path: { number: claim.number } },
          body: { person: person.person, madeClaim: !notTheirs },
        }),
      );
      navigate({ to: "/applications/$id", params: { id: view.id } });
    });
  return (
    <div>
      <p>
        <span className="case">{person.name}</span>: <b>{person.words}</b>
        {person.speaks.length > 0 && <span className="soft"> ({person.speaks.join(", ")})</span>}
      </p>
      {person.objections.map((objection) => (
        <p key={objection} className="small">
          {objection}
        </p>
      ))}
      <p className="flex flex-wrap items-center gap-4 mt-1">
        <button type="button" className="btn btn-sm" onClick={begin}>
          {t("identity.begin", { name: person.name })}
        </button>
        <label className="inline-flex items-center gap-2 small">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            aria-label={t("identity.notTheirsOf", { name: person.name })}
            checked={notTheirs}
            onChange={(event) => setNotTheirs(event.target.checked)}
          />
          {t("identity.notTheirs")}
        </label>
      </p>
      <p role="alert" className="wrong">
        {refusal}
      </p>
    </div>
  );
}
