import type { AnswerColumn } from "../rest/client";
import { cellText } from "./cells";

/** How the rows on the page are put in order. */
export interface Sorting {
  column: number;
  descending: boolean;
}

/** The rows in an order; missing values last, whichever way. */
export function sorted(rows: unknown[][], sorting: Sorting | undefined): unknown[][] {
  if (!sorting) return rows;
  const { column, descending } = sorting;
  const known = (row: unknown[]) => row[column] !== null && row[column] !== undefined;
  const compare = (a: unknown[], b: unknown[]) => {
    const [x, y] = [a[column], b[column]];
    const order =
      typeof x === "number" && typeof y === "number"
        ? x - y
        : String(x).localeCompare(String(y), "en", { numeric: true });
    return descending ? -order : order;
  };
  return [...rows.filter(known).sort(compare), ...rows.filter((r) => !known(r))];
}

/** The follow-up that keeps to one group; none for what is no name of a group. */
export function goOnWith(column: AnswerColumn, value: unknown): string | undefined {
  const named = column.kind === "category" && typeof value === "string" && !value.includes('"');
  return named ? `only for ${column.name} "${cellText(value, column)}"` : undefined;
}

const SPANS = ["year", "quarter", "month", "day"];

/** Follow-ups that keep to all groups of a row; none where one of them has no name. */
export function onlyRow(columns: AnswerColumn[], row: unknown[]): string[] | undefined {
  const only: string[] = [];
  for (const [i, column] of columns.entries()) {
    if (column.kind === "number") continue;
    const time = SPANS.includes(column.kind) && row[i] != null;
    const words = time ? `only ${cellText(row[i], column)}` : goOnWith(column, row[i]);
    if (!words) return undefined;
    only.push(words);
  }
  return only;
}
