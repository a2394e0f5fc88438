/** How many there are, where there are any. */
export function Count({ of }: { of: number }) {
  return of > 0 && <span className="soft">{of}</span>;
}
