import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import type { Packet } from "../draft/packet";
import { asked, fact, spoken } from "../i18n/words";
import { type Names, namesOf } from "../parts/called";
import { money } from "../parts/format";
import { amountWords } from "../parts/Margin";
import { PeopleTokens } from "../parts/PeopleTokens";

interface Props {
  packet: Packet;
  today: string;
  offers: Schemas["Offer"][];
}

/** Everything as it was told, to be read aloud from top to bottom. */
export function Told({ packet, today, offers }: Props) {
  const { t } = useTranslation();
  const household = packet.household;
  const names = namesOf(household.people);
  const named = (id?: string) => names.get(id ?? "") ?? "";
  return (
    <div>
      <h2 className="head">{t("app.facts")}</h2>
      <PeopleTokens people={household.people} today={today} />
      <dl className="mt-3">
        <Line label={t("app.parts.home")} value={addressWords(household.address)} />
        {household.people.map((person) => (
          <Line
            key={person.id}
            label={`${named(person.id)}, ${t("app.parts.reach").toLowerCase()}`}
            value={wordsOf(person.contact, names)}
          />
        ))}
        {household.incomes.map((income) => (
          <Line
            key={income.id}
            label={`${named(income.person)}, ${spoken(income.kind ?? "")}`}
            value={
              income.hourlyRate === undefined
                ? `${amountWords(income.amount)} ${spoken(income.frequency ?? "")}`
                : `${money(income.hourlyRate)} × ${income.hoursPerWeek ?? "?"} ${spoken("weekly")}`
            }
          />
        ))}
        {household.noIncome.map((one) => (
          <Line key={one.person} label={named(one.person)} value={fact("noIncome")} />
        ))}
        {household.expenses?.map((expense, i) => (
          <Line
            key={i}
            label={spoken(expense.kind ?? "")}
            value={`${amountWords(expense.amount)} ${spoken(expense.frequency ?? "")}`}
          />
        ))}
        {household.assets.map((asset, i) => (
          <Line
            key={i}
            label={`${named(asset.person)}, ${spoken(asset.kind ?? "")}`}
            value={asset.value === undefined ? "" : money(asset.value)}
          />
        ))}
      </dl>
      {packet.requests.map((request) => (
        <section key={request.service} className="mt-5">
          <h2 className="head">
            {offers.find((offer) => offer.service === request.service)?.title ?? spoken(request.service)}
          </h2>
          <dl>
            {Object.entries(request.answers ?? {}).map(([key, value]) => (
              <Line key={key} label={asked(request.service, key)} value={wordsOf(value, names)} />
            ))}
          </dl>
        </section>
      ))}
    </div>
  );
}

/** A line of what was told; nothing where nothing was. */
function Line({ label, value }: { label: string; value: string }) {
  if (!value.trim()) return null;
  return (
    <div className="grid grid-cols-[14rem_1fr] gap-4 border-b border-base-300 py-1">
      <dt className="soft">{label}</dt>
      <dd className="case">{value}</dd>
    </div>
  );
}

function addressWords(address: Packet["household"]["address"]): string {
  const { line1, postcode, town } = (address ?? {}) as Record<string, string | undefined>;
  return [line1, [postcode, town].filter(Boolean).join(" ")].filter(Boolean).join(", ");
}

/** Answers as they would be read aloud. */
function wordsOf(value: unknown, names: Names): string {
  if (value === undefined || value === null) return "";
  if (Array.isArray(value)) return value.map((one) => wordsOf(one, names)).join("; ");
  if (typeof value === "object") {
    return Object.entries(value)
      .map(([key, part]) =>
        key === "person" ? wordsOf(part, names) : `${spoken(key)} ${wordsOf(part, names)}`,
      )
      .join(", ");
  }
  if (typeof value !== "string") return amountWords(value);
  return names.get(value) ?? (/^[a-z]+([A-Z][a-z]+)*$/.test(value) ? spoken(value) : textWords(value));
}

/** A date in the office's form; any other text as it was written. */
function textWords(text: string): string {
  return /^\d{4}-\d\d-\d\d$/.test(text) ? amountWords(text) : text;
}
