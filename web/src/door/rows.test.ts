import { describe, expect, it } from "vitest";
import { type Ask, isTyped, parts, peopleOf, personMarked, without } from "./rows";

const ask = (name: string): Ask => ({
  name,
  label: name,
  kind: "text",
  choices: [],
  value: "",
  wrong: "",
  known: "",
});
const income = (row: number, key: string) => ask(`/household/incomes/${row}/${key}`);
const rows = [0, 1, 2].map((row) => [income(row, "kind"), income(row, "amount")]);

describe("the rows of a page", () => {
  it("keeps the entries of a list together, in their order", () => {
    const found = parts([ask("/requests/0/answers/urgent"), ...rows.flat()]);
    expect(found).toHaveLength(2);
    expect(found[0]).toEqual({ asks: [ask("/requests/0/answers/urgent")] });
    expect(found[1]).toEqual({ rows });
  });

  it("keeps what stands deeper with its entry", () => {
    const employer = (row: number) =>
      ["name", "quarters/2025Q3", "quarters/2025Q4"].map((key) =>
        ask(`/requests/0/answers/employers/${row}/${key}`),
      );
    expect(parts([...employer(0), ...employer(1)])).toEqual([{ rows: [employer(0), employer(1)] }]);
  });

  it("lets a list of one row stand alone", () => {
    const one = [ask("/household/people/0/givenName"), ask("/household/people/0/birthDate")];
    expect(parts(one)).toEqual([{ asks: one }]);
  });

  it("moves up what stands behind a row that is taken away", () => {
    const values = {
      "/household/incomes/0/kind": "wages",
      "/household/incomes/1/kind": "pension",
      "/household/incomes/1/amount": "10",
    };
    const after: Record<string, string> = { ...values, ...without(rows, 0, values) };
    expect(after["/household/incomes/0/kind"]).toBe("pension");
    expect(after["/household/incomes/0/amount"]).toBe("10");
    expect(rows.map((row) => isTyped(row, after))).toEqual([true, false, false]);
  });

  it("knows people by their numbers", () => {
    const pages = [
      { title: "", where: "", asks: [0, 1, 2].map((i) => ask(`/household/people/${i}/givenName`)) },
    ];
    const values = { "/household/people/0/givenName": "Ada", "/household/people/2/givenName": "Bo" };
    expect(peopleOf(pages, values)).toEqual([
      ["1", "Ada"],
      ["3", "Bo"],
    ]);
    expect(personMarked(ask("/household/noIncome#1"))).toBe("2");
    expect(personMarked(ask("/requests/0/answers/goal#own"))).toBeUndefined();
  });
});
