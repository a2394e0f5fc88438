import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, type ClaimView, done, type Schemas } from "../api/client";
import { useSession } from "../api/session";
import type { Contact, Packet } from "../draft/packet";
import { readDate } from "../draft/typing";
import { spoken, vocabulary } from "../i18n/words";
import { DayPlace } from "../parts/DayPlace";
import { shortDay } from "../parts/format";
import { useTrying } from "../parts/useTrying";
import { waysToReach } from "../parts/waysToReach";
import { Appointments } from "./Appointments";
import { Calling } from "./Calling";
import { DoorCode } from "./DoorCode";
import { Knowledge } from "./Knowledge";

const RIGHTS = vocabulary("actingRight");

interface Props {
  claim: ClaimView;
  today: string;
  onChanged: () => void;
}

/** How to speak with the people of a claim, which ways are safe, and who acts for them. */
export function Speaking({ claim, today, onChanged }: Props) {
  const { t } = useTranslation();
  const packet = claim.packet as unknown as Packet;
  const people = packet.household.people.filter((person) => person.contact);
  const role = useSession()?.role;
  const works = role === "caseworker" || role === "senior caseworker";
  return (
    <section
      className="px-6 py-3 border-b border-base-300 flex flex-col gap-2"
      aria-label={t("speaking.title")}
    >
      {people.map((person) => {
        const name = [person.givenName, person.familyName].filter(Boolean).join(" ");
        return (
          <div key={person.id}>
            <span className="case">{name}</span>
            {": "}
            {waysToReach(person.contact as Contact, t).join(" · ") || t("speaking.none")}
            {works && <Calling claim={claim} who={name} today={today} onChanged={onChanged} />}
            {works && person.residentNumber && (
              <Knowledge number={claim.number} person={person.id} name={name} onChanged={onChanged} />
            )}
          </div>
        );
      })}
      {people.length === 0 && <p className="soft">{t("speaking.none")}</p>}
      {claim.acting.map((acting) => (
        <ActsFor key={acting.id} acting={acting} claim={claim} today={today} onChanged={onChanged} />
      ))}
      <Begins claim={claim} today={today} onChanged={onChanged} />
      {works && <DoorCode claim={claim} onChanged={onChanged} />}
      {works && <Appointments claim={claim} today={today} onChanged={onChanged} />}
    </section>
  );
}

function ActsFor({ acting, claim, today, onChanged }: Props & { acting: Schemas["ActingView"] }) {
  const { t } = useTranslation();
  const [attempt, refusal] = useTrying();
  const [ending, setEnding] = useState(false);
  const right = spoken(acting.right, "actingRight");
  const until = acting.until && t("acting.untilDay", { date: shortDay(acting.until) });
  const end = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    attempt(async () => {
      await done(
        api.POST("/api/households/{household}/acting/{id}/end", {
          params: { path: { household: claim.household, id: acting.id } },
          body: {
            on: readDate(String(form.get("on")), today) ?? today,
            because: String(form.get("because")),
          },
        }),
      );
      setEnding(false);
      onChanged();
    });
  };
  if (acting.over) {
    return (
      <p className="wrong">
        {t("acting.ended", { name: acting.name, right, date: shortDay(acting.until ?? today) })}
      </p>
    );
  }
  return (
    <div>
      <p>
        <span className="case">{acting.name}</span>
        {", "}
        {[
          right,
          acting.speaker && t("acting.speaks", { name: acting.speaker }),
          acting.scope,
          until,
          acting.contact,
          acting.reachedAt,
          acting.shownBy,
          !acting.identityChecked && t("acting.unchecked"),
          acting.getsLetters && t("acting.getsLetters"),
        ]
          .filter(Boolean)
          .join(" · ")}{" "}
        {!ending && (
          <button type="button" className="plain-link ml-2" onClick={() => setEnding(true)}>
            {t("acting.end")}
          </button>
        )}
      </p>
      {ending && (
        <form onSubmit={end} className="flex flex-wrap gap-3 items-end mt-1">
          <label className="flex flex-col small">
            {t("acting.last")}
            <DayPlace today={today}>
              <input name="on" className="input input-sm case w-32" placeholder={shortDay(today)} />
            </DayPlace>
          </label>
          <label className="flex flex-col small">
            {t("acting.because")}
            <input name="because" className="input input-sm w-72" required />
          </label>
          <button type="submit" className="btn btn-sm">
            {t("acting.end")}
          </button>
          <p role="alert" className="wrong small">
            {refusal}
          </p>
        </form>
      )}
    </div>
  );
}

function Begins({ claim, today, onChanged }: Props) {
  const { t } = useTranslation();
  const [attempt, refusal] = useTrying();
  const [open, setOpen] = useState(false);
  const [right, setRight] = useState(RIGHTS[0] ?? "");
  if (!open) {
    return (
      <p>
        <button type="button" className="plain-link small" onClick={() => setOpen(true)}>
          {t("acting.begin")}
        </button>
      </p>
    );
  }
  const begin = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    const text = (name: string) => String(form.get(name) ?? "");
    attempt(async () => {
      await done(
        api.POST("/api/households/{household}/acting", {
          params: { path: { household: claim.household } },
          body: {
            name: text("name"),
            right: text("right"),
            speaker: text("speaker"),
            contact: text("contact"),
            shownBy: text("shownBy"),
            scope: text("scope"),
            until: readDate(text("until"), today, true),
            identityChecked: form.has("identityChecked"),
            getsLetters: form.has("getsLetters"),
          },
        }),
      );
      setOpen(false);
      onChanged();
    });
  };
  const field = (name: string, label: string, wide = "w-56", required = false) => (
    <label className="flex flex-col small">
      {label}
      <input name={name} className={`input input-sm case ${wide}`} required={required} />
    </label>
  );
  return (
    <form onSubmit={begin} className="flex flex-wrap gap-3 items-end">
      {field("name", t("acting.name"), "w-56", true)}
      <label className="flex flex-col small">
        {t("acting.right")}
        <select
          name="right"
          className="select select-sm w-48"
          value={right}
          onChange={(event) => setRight(event.target.value)}
        >
          {RIGHTS.map((one) => (
            <option key={one} value={one}>
              {spoken(one, "actingRight")}
            </option>
          ))}
        </select>
      </label>
      {right === "organisation" && field("speaker", t("acting.speaker"))}
      {field("shownBy", t("acting.shownBy"), "w-56", true)}
      {field("contact", t("acting.contact"), "w-64")}
      {field("scope", t("acting.scope"))}
      <label className="flex flex-col small">
        {t("acting.until")}
        <DayPlace today={today}>
          <input name="until" className="input input-sm case w-32" />
        </DayPlace>
      </label>
      <label className="flex items-center gap-2 min-h-8">
        <input type="checkbox" name="identityChecked" className="checkbox checkbox-sm" />
        {t("acting.identityChecked")}
      </label>
      <label className="flex items-center gap-2 min-h-8">
        <input type="checkbox" name="getsLetters" className="checkbox checkbox-sm" />
        {t("acting.getsLetters")}
      </label>
      <button type="submit" className="btn btn-sm btn-primary">
        {t("acting.record")}
      </button>
      <button type="button" className="btn btn-sm" onClick={() => setOpen(false)}>
        {t("claim.cancel")}
      </button>
      <p role="alert" className="wrong small basis-full">
        {refusal}
      </p>
    </form>
  );
}
