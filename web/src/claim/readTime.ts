/** A time of the day as people type it: "9", "930", "14.30", "14:30". */
export function readTime(text: string): string | undefined {
  const typed = text.trim().match(/^(\d{1,2})(?:[:.\s]?(\d{2}))?$/);
  if (!typed) return undefined;
  const [hour, minute] = [Number(typed[1]), Number(typed[2] ?? 0)];
  if (hour > 23 || minute > 59) return undefined;
  return `${String(hour).padStart(2, "0")}:${String(minute).padStart(2, "0")}`;
}
