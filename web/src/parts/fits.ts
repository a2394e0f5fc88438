/** A letter without its marks, so that "e" finds "é". */
function plain(text: string): string {
  return text.normalize("NFD").replace(/\p{M}/gu, "").toLowerCase();
}

/** Whether each thing typed begins one of the words. */
export function fits(words: string, typed: string): boolean {
  const known = plain(words).split(/[\s(,-]+/);
  return plain(typed.trim())
    .split(/\s+/)
    .every((start) => known.some((word) => word.startsWith(start)));
}

/** The one meant by what was typed: what is called so, else the first that fits. */
export function meant<T extends { words: string }>(all: T[], typed: string): T | undefined {
  const called = plain(typed.trim());
  return all.find((one) => plain(one.words) === called) ?? all.find((one) => fits(one.words, typed));
}
