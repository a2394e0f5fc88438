import { describe, expect, test } from "vitest";
import { addMonths, readAmount, readDate, readMonth, readNumber } from "./typing";

const TODAY = "2026-11-26";

describe("a day as people type it", () => {
  test.each([
    ["14 3 88", "1988-03-14"],
    ["14.3.1988", "1988-03-14"],
    ["14/03/1988", "1988-03-14"],
    ["14 March 1988", "1988-03-14"],
    ["14 Mar 88", "1988-03-14"],
    ["1988-3-14", "1988-03-14"],
    ["29 2 2024", "2024-02-29"],
  ])("%s is %s", (typed, day) => expect(readDate(typed, TODAY)).toBe(day));

  test.each(["", "14", "14 3", "31 2 2026", "29 2 2023", "14 13 88", "14 Marsh 88", "d", "0 3 88"])(
    "%j can't be read",
    (typed) => expect(readDate(typed, TODAY)).toBeUndefined(),
  );

  test("a year of two digits lies behind, unless it may lie ahead", () => {
    expect(readDate("1 1 27", TODAY)).toBe("1927-01-01");
    expect(readDate("1 1 27", TODAY, true)).toBe("2027-01-01");
    expect(readDate("1 1 26", TODAY)).toBe("2026-01-01");
  });
});

describe("a month", () => {
  test.each([
    ["8 2026", "2026-08"],
    ["08/26", "2026-08"],
    ["2026-8", "2026-08"],
  ])("%s is %s", (typed, month) => expect(readMonth(typed)).toBe(month));
  test.each(["13 2026", "0 2026", "2026", ""])("%j can't be read", (typed) =>
    expect(readMonth(typed)).toBeUndefined(),
  );
});

describe("an amount", () => {
  test.each([
    ["1800", 1800],
    ["1,800.50", 1800.5],
    ["12,50", 12.5],
    ["1 800", 1800],
  ])("%s", (typed, amount) => expect(readNumber(typed)).toBe(amount));
  test.each(["1,80.50", "12,5055", "-3", "12 €", "1.2.3"])("%j can't be read", (typed) =>
    expect(readNumber(typed)).toBeUndefined(),
  );
  test("its period stands behind it", () => {
    expect(readAmount("430 w")).toEqual({ amount: 430, frequency: "weekly" });
    expect(readAmount("1,200 4w")).toEqual({ amount: 1200, frequency: "fourWeekly" });
    expect(readAmount("12,50 h 38")).toEqual({ hourlyRate: 12.5, hoursPerWeek: 38 });
    expect(readAmount("640")).toEqual({ amount: 640 });
    expect(readAmount("640 x")).toBeUndefined();
  });
});

test("the same day some months later is the month's last where that is shorter", () => {
  expect(addMonths("2026-01-31", 1)).toBe("2026-02-28");
  expect(addMonths("2024-01-31", 1)).toBe("2024-02-29");
  expect(addMonths("2026-11-26", 3)).toBe("2027-02-26");
  expect(addMonths("2026-03-31", -1)).toBe("2026-02-28");
});
