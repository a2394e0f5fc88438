import { useNumber } from "./words";

/** How many there are, where there are any. */
export function Count({ of }: { of: number }) {
  const number = useNumber();
  return of > 0 && <span className="soft">{number(of)}</span>;
}
