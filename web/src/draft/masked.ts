/** Numbers of people and accounts, by the name of their field. */
const NUMBERS = ["residentNumber", "iban"];
const DOTS = "•••• ";
const LEFT = 4;

/** Whether that is how a number is shown, and not a number. */
export function isMasked(text: string): boolean {
  return text.startsWith(DOTS);
}

/** What the server sends of what it keeps: numbers by their last four characters. */
export function masked(value: unknown, name = ""): unknown {
  if (typeof value === "string") return NUMBERS.includes(name) ? DOTS + value.slice(-LEFT) : value;
  if (Array.isArray(value)) return value.map((one) => masked(one));
  if (value === null || typeof value !== "object") return value;
  return Object.fromEntries(Object.entries(value).map(([key, one]) => [key, masked(one, key)]));
}
