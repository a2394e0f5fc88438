import { fullDay } from "../parts/format";

const PERIODS: Record<string, string> = {
  w: "weekly",
  f: "fortnightly",
  "4w": "fourWeekly",
  t: "twiceMonthly",
  m: "monthly",
  q: "quarterly",
  y: "yearly",
  o: "once",
};

const MONTHS = [
  "january",
  "february",
  "march",
  "april",
  "may",
  "june",
  "july",
  "august",
  "september",
  "october",
  "november",
  "december",
];

export interface TypedAmount {
  amount?: number;
  frequency?: string;
  hourlyRate?: number;
  hoursPerWeek?: number;
}

/** A number as people write it: "1800", "1,800.50", "12,50". */
export function readNumber(text: string): number | undefined {
  const plain = text.trim().replace(/\s/g, "");
  if (/^\d{1,3}(,\d{3})+(\.\d{1,2})?$/.test(plain)) return Number(plain.replaceAll(",", ""));
  if (/^\d+([.,]\d{1,2})?$/.test(plain)) return Number(plain.replace(",", "."));
  return undefined;
}

/** An amount with its period: "430 w" is weekly, "1800 m" monthly, "12,50 h 38" by the hour. */
export function readAmount(text: string): TypedAmount | undefined {
  const hourly = text.trim().match(/^(\S+)\s*h\s*(\S+)$/i);
  if (hourly) {
    const rate = readNumber(hourly[1]);
    const hoursAWeek = readNumber(hourly[2]);
    return rate === undefined || hoursAWeek === undefined
      ? undefined
      : { hourlyRate: rate, hoursPerWeek: hoursAWeek };
  }
  const parts = text.trim().match(/^([\d.,\s]+?)\s*(4w|[wftmqyo])?$/i);
  const amount = parts ? readNumber(parts[1]) : undefined;
  if (!parts || amount === undefined) return undefined;
  return parts[2] ? { amount, frequency: PERIODS[parts[2].toLowerCase()] } : { amount };
}

/** "14 March 1988" and "14 Mar 1988" as "14 3 1988". */
function monthsAsNumbers(text: string): string {
  return text.replace(/[a-z]{3,9}/i, (name) => {
    const month = MONTHS.findIndex((one) => one.startsWith(name.slice(0, 3).toLowerCase()));
    return month >= 0 && MONTHS[month].startsWith(name.toLowerCase()) ? String(month + 1) : name;
  });
}

/** A date as people type it: "14 3 88", "14 Mar 1988", "14.3.1988", "1988-03-14"; years of two digits never lie ahead. */
export function readDate(text: string, today: string, ahead = false): string | undefined {
  const iso = text.trim().match(/^(\d{4})-(\d{1,2})-(\d{1,2})$/);
  const said = monthsAsNumbers(text)
    .trim()
    .match(/^(\d{1,2})[\s./-](\d{1,2})[\s./-](\d{2}|\d{4})$/);
  const [day, month, year] = iso
    ? [iso[3], iso[2], iso[1]]
    : said
      ? [said[1], said[2], said[3]]
      : ["", "", ""];
  if (!day) return undefined;
  const now = Number(today.slice(0, 4));
  let full = Number(year);
  if (year.length === 2) {
    full += 2000;
    if (!ahead && full > now) full -= 100;
  }
  const written = `${full}-${month.padStart(2, "0")}-${day.padStart(2, "0")}`;
  const real = new Date(`${written}T00:00:00Z`);
  return Number.isNaN(real.getTime()) || real.toISOString().slice(0, 10) !== written ? undefined : written;
}

/** A month as people type it: "8 2026", "2026-08", "08/26". */
export function readMonth(text: string): string | undefined {
  const iso = text.trim().match(/^(\d{4})-(\d{1,2})$/);
  const said = text.trim().match(/^(\d{1,2})[\s./-](\d{2}|\d{4})$/);
  const [month, year] = iso ? [iso[2], iso[1]] : said ? [said[1], said[2]] : ["", ""];
  const number = Number(month);
  if (!number || number > 12) return undefined;
  return `${year.length === 2 ? `20${year}` : year}-${String(number).padStart(2, "0")}`;
}

export function dateWords(iso: string | null | undefined): string {
  return iso ? fullDay(iso) : "";
}

/** The same day some months later; the month's last day where that is shorter. */
export function addMonths(iso: string, months: number): string {
  const [year, month, day] = iso.split("-").map(Number);
  const last = new Date(Date.UTC(year, month - 1 + months + 1, 0));
  last.setUTCDate(Math.min(day, last.getUTCDate()));
  return last.toISOString().slice(0, 10);
}
