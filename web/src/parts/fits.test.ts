import { expect, test } from "vitest";
import { fits, meant } from "./fits";

test("each thing typed begins a word, whatever its marks", () => {
  expect(fits("Identity paper (passport)", "pass id")).toBe(true);
  expect(fits("École du Vieux-Port", "ecole port")).toBe(true);
  expect(fits("Identity paper", "dent")).toBe(false);
});

test("what is called so goes before what only begins so", () => {
  const all = [{ words: "Payslip, last" }, { words: "Payslip" }];
  expect(meant(all, "payslip")).toBe(all[1]);
  expect(meant(all, "pay last")).toBe(all[0]);
  expect(meant(all, "lease")).toBeUndefined();
});
