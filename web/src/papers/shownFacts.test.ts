import { describe, expect, it } from "vitest";
import { fieldOf, type PaperShows, shownFacts, Unreadable } from "./shownFacts";

const rent: PaperShows = {
  place: "/household/expenses/0/amount",
  every: "/household/expenses/0/frequency",
  label: "Rent",
  form: "money",
  said: "160.00 a week",
};
const account: PaperShows = { place: "/household/payment/iban", label: "Account", form: "iban", said: "" };
const names: PaperShows = { place: "/requests/0/answers/leaseNames", label: "Names", form: "list", said: "" };

const typed = (fact: PaperShows, text: string) => {
  const form = new FormData();
  form.set(fieldOf(fact), text);
  return shownFacts(form, [fact], "2026-11-27");
};

describe("what a paper shows", () => {
  it("is an amount with its period", () => {
    expect(typed(rent, "715 m")).toEqual([
      { place: rent.place, value: 715 },
      { place: rent.every, value: "monthly" },
    ]);
  });
  it("is no amount without one: what was said is another period", () => {
    expect(() => typed(rent, "715")).toThrow(Unreadable);
  });
  it("is an account without its spaces", () => {
    expect(typed(account, "qv17 bwsl 0532 6470 8184 54")).toEqual([
      { place: account.place, value: "QV17BWSL05326470818454" },
    ]);
  });
  it("is several names, one after the other", () => {
    expect(typed(names, "Ada Tamsett, Bo Quintela")).toEqual([
      { place: names.place, value: ["Ada Tamsett", "Bo Quintela"] },
    ]);
  });
  it("is yes or no where somebody agrees", () => {
    const agrees: PaperShows = { place: "/x/agrees", label: "Agrees", form: "flag", said: "" };
    expect(typed(agrees, "Yes")).toEqual([{ place: "/x/agrees", value: true }]);
    expect(typed(agrees, "no")).toEqual([{ place: "/x/agrees", value: false }]);
    expect(() => typed(agrees, "perhaps")).toThrow(Unreadable);
  });
  it("is nothing where nothing was typed", () => {
    expect(typed(rent, "  ")).toEqual([]);
  });
});
