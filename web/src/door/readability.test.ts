import { expect, test } from "vitest";
import { doubt } from "./readability";

const SIDE = 60;

function points(grey: (x: number, y: number) => number) {
  const data = new Uint8ClampedArray(SIDE * SIDE * 4);
  for (let y = 0; y < SIDE; y++) {
    for (let x = 0; x < SIDE; x++) {
      const at = 4 * (y * SIDE + x);
      data[at] = data[at + 1] = data[at + 2] = grey(x, y);
      data[at + 3] = 255;
    }
  }
  return { data, width: SIDE, height: SIDE } as ImageData;
}

const written = (x: number) => (x % 6 < 2 ? 30 : 230);

test("a page with writing on it is fine", () => {
  expect(doubt(points(written))).toBeUndefined();
});

test("the same in the dark is not", () => {
  expect(doubt(points((x) => written(x) / 5))).toBe("dark");
});

test("nor is one whose writing runs together", () => {
  expect(doubt(points((x) => 160 + 40 * Math.sin(x / 12)))).toBe("blurred");
});
