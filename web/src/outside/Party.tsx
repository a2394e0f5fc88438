import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Link } from "@tanstack/react-router";
import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";
import { spoken } from "../i18n/words";
import { shortDay } from "../parts/format";
import { TurnMark } from "../parts/TurnMark";
import { useTrying } from "../parts/useTrying";
import { partyQuery } from "./queries";
import { ToldByParty } from "./ToldByParty";

/** One of those outside: how to reach them, what they told, and all the claims that wait for them. */
export function Party({ id, onOther }: { id: string; onOther: (id: string) => void }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const [attempt, refusal] = useTrying();
  const [telling, setTelling] = useState(false);
  const found = useQuery(partyQuery(id));
  const party = found.data;
  const again = () =>
    Promise.all([
      queries.invalidateQueries({ queryKey: ["party"] }),
      queries.invalidateQueries({ queryKey: ["parties"] }),
    ]);
  if (!party) {
    return <p className={found.isError ? "wrong" : "soft"}>{found.error?.message ?? t("party.loading")}</p>;
  }
  const path = { params: { path: { id } } };
  const ask = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const how = String(new FormData(event.currentTarget).get("how"));
    attempt(async () => {
      await done(api.POST("/api/parties/{id}/asked", { ...path, body: { how } }));
      await again();
    });
  };
  const same = (other: string) =>
    attempt(async () => {
      const whole = await done(
        api.POST("/api/parties/{id}/same", { params: { path: { id: other } }, body: { other: id } }),
      );
      queries.setQueryData(["party", id], whole);
      await again();
    });
  const apart = (other: string) =>
    attempt(async () => {
      await done(api.POST("/api/parties/{id}/apart", { params: { path: { id: other } } }));
      await again();
    });
  const address = party.address;
  const known = party.takesPart;
  const facts = [
    [t("party.takesPart"), known === undefined || known === null ? "" : t(`party.part.${known}`)],
    [t("party.account"), party.iban],
    [t("party.phone"), party.phone],
    [t("party.email"), party.email],
    [t("party.address"), [address?.line1, address?.postcode, address?.town].filter(Boolean).join(", ")],
  ];
  return (
    <div className="flex flex-col gap-6 max-w-4xl">
      <div>
        <h1 className="case text-[1.7rem] leading-tight">{party.name}</h1>
        <p className="soft">{spoken(party.kind, "partyKind")}</p>
      </div>
      {refusal && (
        <p role="alert" className="wrong">
          {refusal}
        </p>
      )}
      <section>
        <h2 className="head">
          <span>{t("party.theirWord")}</span>
          {!telling && (
            <button type="button" className="plain-link" onClick={() => setTelling(true)}>
              {t("party.tell")}
            </button>
          )}
        </h2>
        {telling ? (
          <ToldByParty
            party={party}
            onDone={async (whole) => {
              if (whole) queries.setQueryData(["party", id], whole);
              setTelling(false);
              await again();
            }}
          />
        ) : (
          <dl className="grid grid-cols-[12rem_1fr] gap-y-1">
            {facts.map(([label, value]) => (
              <div key={label} className="contents">
                <dt className="soft">{label}</dt>
                <dd className={value ? "case" : "soft"}>{value || t("party.notKnown")}</dd>
              </div>
            ))}
          </dl>
        )}
      </section>
      <section>
        <h2 className="head">
          <span>{t("party.waitingFor")}</span>
          <span>{party.waiting.length || ""}</span>
        </h2>
        {party.waiting.length === 0 && <p className="soft">{t("party.nobodyWaits")}</p>}
        <ul>
          {party.waiting.map((claim) => (
            <li
              key={claim.number}
              className="border-b border-base-300 py-1.5 flex flex-wrap gap-x-4 justify-between"
            >
              <span>
                <Link to="/claims/$number" params={{ number: claim.number }} className="plain-link case">
                  {claim.householdName}
                </Link>{" "}
                <span className="soft">
                  {claim.title} <span className="case">{claim.number}</span>
                </span>
              </span>
              <span>
                <TurnMark turn="thirdParty" /> {claim.words.join(" ")}{" "}
                <span className="soft">{t("desk.due", { date: shortDay(claim.dueOn) })}</span>
              </span>
            </li>
          ))}
        </ul>
        {party.waiting.length > 0 && (
          <form onSubmit={ask} className="flex flex-wrap gap-3 items-end mt-3">
            <label className="flex flex-col small">
              {t("party.how")}
              <input
                name="how"
                className="input input-sm w-72"
                placeholder={t("party.howExample")}
                required
              />
            </label>
            <button type="submit" className="btn btn-sm btn-primary">
              {t("party.ask", { count: party.waiting.length })}
            </button>
          </form>
        )}
      </section>
      {party.alike.length + party.joined.length > 0 && (
        <section>
          <h2 className="head">{t("party.alike")}</h2>
          {party.alike.map((other) => (
            <p key={other.id} className="flex flex-wrap gap-x-4 py-1">
              <button type="button" className="plain-link case" onClick={() => onOther(other.id)}>
                {other.name}
              </button>
              <button type="button" className="plain-link" onClick={() => same(other.id)}>
                {t("party.same", { name: party.name })}
              </button>
            </p>
          ))}
          {party.joined.map((other) => (
            <p key={other.id} className="flex flex-wrap gap-x-4 py-1">
              <span className="case">{other.name}</span>
              <span className="soft">{t("party.joined")}</span>
              <button type="button" className="plain-link" onClick={() => apart(other.id)}>
                {t("party.apart")}
              </button>
            </p>
          ))}
        </section>
      )}
    </div>
  );
}
