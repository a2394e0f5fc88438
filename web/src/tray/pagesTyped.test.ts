import { expect, test } from "vitest";
import { pagesTyped } from "./pagesTyped";

test.each([
  ["", [0, 1, 2, 3, 4]],
  ["2", [1]],
  ["1-3", [0, 1, 2]],
  ["1, 4–5", [0, 3, 4]],
  ["3 1 1", [0, 2]],
])("%j of five pages", (typed, pages) => expect(pagesTyped(typed, 5)).toEqual(pages));

test.each(["0", "6", "3-2", "a", "1-", "-1"])("%j is no page of five", (typed) =>
  expect(pagesTyped(typed, 5)).toBeUndefined(),
);
