/**
 * Which pages are meant by what was typed, from 0: "2", "1-3", "1, 4-5", or all where nothing was. Undefined where it
 * can't be read or there is no such page.
 */
export function pagesTyped(typed: string, pages: number): number[] | undefined {
  const text = typed.trim();
  if (!text) return Array.from({ length: pages }, (_, page) => page);
  const meant = new Set<number>();
  for (const part of text.split(/[,;\s]+/)) {
    const found = /^(\d+)(?:[-–](\d+))?$/.exec(part);
    const from = Number(found?.[1]);
    const to = Number(found?.[2] ?? found?.[1]);
    if (!found || from < 1 || to > pages || from > to) return undefined;
    for (let page = from; page <= to; page++) meant.add(page - 1);
  }
  return [...meant].sort((one, other) => one - other);
}
