/** A letter without its marks, so that "e" finds "é". */
function plain(text: string): string {
  return text.normalize("NFD").replace(/\p{M}/gu, "").toLowerCase();
}

/** Those whose words begin with what was typed, the ones that begin with the whole of it first. */
export function fitting<T extends { words: string }>(all: T[], typed: string): T[] {
  const sought = plain(typed.trim());
  const begun = sought.split(/\s+/);
  const fits = all.filter((one) => {
    const words = plain(one.words).split(/[\s(,-]+/);
    return begun.every((start) => words.some((word) => word.startsWith(start)));
  });
  return [
    ...fits.filter((one) => plain(one.words).startsWith(sought)),
    ...fits.filter((one) => !plain(one.words).startsWith(sought)),
  ];
}
