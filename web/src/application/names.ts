import type { Packet } from "../draft/packet";
import { spoken } from "../i18n/words";
import { namesOf } from "../parts/called";

/** What somebody, or whose income, is called by an id. */
export function nameIn(packet: Packet, id: string): string {
  const person = packet.household.people.find((one) => one.id === id);
  if (person) return namesOf(packet.household.people).get(id) ?? id;
  const income = packet.household.incomes.find((one) => one.id === id);
  return income
    ? [nameIn(packet, income.person ?? ""), income.employer || spoken(income.kind ?? "")]
        .filter(Boolean)
        .join(", ")
    : id;
}
