const DAYS = ["Sun", "Mon", "Tue", "Wed", "Thu", "Fri", "Sat"];
const MONTHS = ["Jan", "Feb", "Mar", "Apr", "May", "Jun", "Jul", "Aug", "Sep", "Oct", "Nov", "Dec"];

/** A day without a time of day, whatever the zone of the machine. */
export function day(iso: string): Date {
  const [year, month, date] = iso.slice(0, 10).split("-").map(Number);
  return new Date(Date.UTC(year, month - 1, date));
}

/** "Mon 23 Nov"; with the year when it is not this one's. */
export function shortDay(iso: string): string {
  const at = day(iso);
  const year = at.getUTCFullYear() === new Date().getFullYear() ? "" : ` ${at.getUTCFullYear()}`;
  return `${DAYS[at.getUTCDay()]} ${at.getUTCDate()} ${MONTHS[at.getUTCMonth()]}${year}`;
}

/** "14 Mar". */
export function dayAndMonth(iso: string): string {
  const at = day(iso);
  return `${at.getUTCDate()} ${MONTHS[at.getUTCMonth()]}`;
}

/** "14 Mar 1988". */
export function fullDay(iso: string): string {
  const at = day(iso);
  return `${at.getUTCDate()} ${MONTHS[at.getUTCMonth()]} ${at.getUTCFullYear()}`;
}

/** "13–30 Sep 2026", of two days of one month. */
export function daysOfMonth(from: string, until: string): string {
  return `${day(from).getUTCDate()}–${fullDay(until)}`;
}

/** "Aug 2026" of "2026-08". */
export function monthWords(iso: string): string {
  const [year, month] = iso.split("-").map(Number);
  return `${MONTHS[month - 1] ?? iso} ${year || ""}`.trim();
}

/** "July 2026" of "2026-07". */
export function monthInFull(iso: string): string {
  return day(`${iso}-01`).toLocaleDateString("en-GB", { month: "long", year: "numeric", timeZone: "UTC" });
}

/** "Jul–Sep 2025" of "2025Q3". */
export function quarterWords(quarter: string): string {
  const [year, number] = quarter.split("Q").map(Number);
  return `${MONTHS[number * 3 - 3]}–${MONTHS[number * 3 - 1]} ${year}`;
}

/** The time of day of an instant, as the machine's clock shows it. */
export function clockTime(iso: string): string {
  return new Date(iso).toLocaleTimeString("en-GB", { hour: "2-digit", minute: "2-digit" });
}

/** "1,234.50". */
export function money(value: number): string {
  return value.toLocaleString("en-GB", { minimumFractionDigits: 2, maximumFractionDigits: 2 });
}

/** "4 h 10". */
export function hours(minutes: number): string {
  const whole = Math.floor(minutes / 60);
  const rest = minutes % 60;
  return whole === 0 ? `${rest} min` : `${whole} h${rest ? ` ${String(rest).padStart(2, "0")}` : ""}`;
}

export function yearsOld(birth: string, today: string): number {
  const born = day(birth);
  const now = day(today);
  const before =
    now.getUTCMonth() < born.getUTCMonth() ||
    (now.getUTCMonth() === born.getUTCMonth() && now.getUTCDate() < born.getUTCDate());
  return now.getUTCFullYear() - born.getUTCFullYear() - (before ? 1 : 0);
}

export function addDays(iso: string, days: number): string {
  return new Date(day(iso).getTime() + days * 86_400_000).toISOString().slice(0, 10);
}
