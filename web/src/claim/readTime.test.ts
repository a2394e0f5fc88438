import { describe, expect, it } from "vitest";
import { readTime } from "./readTime";

describe("a time as it is typed", () => {
  it.each([
    ["9", "09:00"],
    ["930", "09:30"],
    ["14.30", "14:30"],
    [" 14:05 ", "14:05"],
    ["1430", "14:30"],
  ])("reads %s", (typed, read) => expect(readTime(typed)).toBe(read));

  it.each(["", "noon", "24", "14:60", "2 pm", "14:3"])("does not guess at %s", (typed) =>
    expect(readTime(typed)).toBeUndefined(),
  );
});
