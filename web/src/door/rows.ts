import type { Schemas } from "../api/client";

export type Ask = Schemas["DoorAsk"];

/** Questions of a page that stand alone, or a list of entries of one kind. */
export type Part = { asks: Ask[] } | { rows: Ask[][] };

/** A list of the household or of what is asked for, and the row in it; what stands deeper belongs to the row. */
const IN_ROW = /^((?:\/household|\/requests\/\d+\/answers)(?:\/[^/#\d][^/#]*)+)\/(\d+)\//;

function rowOf(ask: Ask): { list: string; row: number } | undefined {
  const found = IN_ROW.exec(ask.name);
  return found ? { list: found[1] ?? "", row: Number(found[2]) } : undefined;
}

/** The questions of a page in their order, those of a list row by row. A list of which there is one row stands alone. */
export function parts(asks: Ask[]): Part[] {
  const rowsOf = new Map<string, Set<number>>();
  for (const ask of asks) {
    const at = rowOf(ask);
    if (at) rowsOf.set(at.list, (rowsOf.get(at.list) ?? new Set()).add(at.row));
  }
  const found: Part[] = [];
  const lists = new Map<string, Ask[][]>();
  for (const ask of asks) {
    const at = rowOf(ask);
    if (at && (rowsOf.get(at.list)?.size ?? 0) > 1) {
      let rows = lists.get(at.list);
      if (!rows) {
        rows = [];
        lists.set(at.list, rows);
        found.push({ rows });
      }
      const last = rows[rows.length - 1];
      if (last?.[0] && rowOf(last[0])?.row === at.row) last.push(ask);
      else rows.push([ask]);
    } else {
      const last = found[found.length - 1];
      if (last && "asks" in last) last.asks.push(ask);
      else found.push({ asks: [ask] });
    }
  }
  return found;
}

/** What is typed once a row is taken away: those behind it move up. */
export function without(rows: Ask[][], row: number, values: Record<string, string>): Record<string, string> {
  const moved: Record<string, string> = {};
  for (let i = row; i < rows.length; i++) {
    rows[i]?.forEach((ask, k) => {
      const behind = rows[i + 1]?.[k];
      moved[ask.name] = behind ? (values[behind.name] ?? "") : "";
    });
  }
  return moved;
}

/** Whether anything is typed in a row. */
export function isTyped(row: Ask[], values: Record<string, string>): boolean {
  return row.some((ask) => values[ask.name]);
}

/** Where the last of a list is that is so; -1 where none is. Phones that have been in use for years know no shorter way. */
export function lastWhere<T>(list: T[], is: (one: T) => boolean): number {
  for (let i = list.length - 1; i >= 0; i--) {
    if (is(list[i] as T)) return i;
  }
  return -1;
}

const PERSON = /^\/household\/people\/(\d+)\/givenName$/;

/** The people named so far, by their number on the form. */
export function peopleOf(pages: Schemas["DoorPage"][], values: Record<string, string>): [string, string][] {
  return pages
    .flatMap((page) => page.asks)
    .flatMap((ask): [string, string][] => {
      const found = PERSON.exec(ask.name);
      const name = values[ask.name];
      return found && name ? [[String(Number(found[1]) + 1), name]] : [];
    });
}

const MARKED_PERSON = /^\/household\/noIncome#(\d+)$/;

/** Which person a mark is about, by their number on the form; none where it is about no person. */
export function personMarked(ask: Ask): string | undefined {
  const found = MARKED_PERSON.exec(ask.name);
  return found ? String(Number(found[1]) + 1) : undefined;
}
