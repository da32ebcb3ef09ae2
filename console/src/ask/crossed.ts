import type { Answer, AnswerColumn } from "../rest/client";

/** The rows of two groups, one group down and the other across. */
export interface Crossed {
  down: AnswerColumn;
  across: unknown[];
  acrossColumn: AnswerColumn;
  /** Each value down, and for each value across the numbers, in the order of the measures. */
  rows: { value: unknown; cells: (unknown[] | undefined)[]; total: (number | undefined)[] }[];
  measures: AnswerColumn[];
  /** Sums of each value across; empty where nothing adds up. */
  totals: (number | undefined)[][];
  whole: (number | undefined)[];
}

const UNORDERED = new Set(["category", "range", "yes_no"]);

const key = (value: unknown) => JSON.stringify(value);

/** The crossed rows; undefined for answers that have not two groups. */
export function crossed(answer: Answer): Crossed | undefined {
  const groups = answer.columns.filter((c) => c.kind !== "number");
  const [down, acrossColumn] = groups;
  if (groups.length !== 2 || !down || !acrossColumn) return undefined;
  const measures = answer.columns.slice(2);
  const across = [...new Map(answer.rows.map((r) => [key(r[1]), r[1]])).values()];
  // Values across that have an order stand in it, whichever row comes first.
  if (!UNORDERED.has(acrossColumn.kind)) {
    across.sort((a, b) =>
      typeof a === "number" && typeof b === "number" ? a - b : String(a).localeCompare(String(b)),
    );
  }
  const values = [...new Map(answer.rows.map((r) => [key(r[0]), r[0]])).values()];
  const found = new Map(answer.rows.map((r) => [key(r[0]) + key(r[1]), r.slice(2)]));
  const addsUp = measures.map((_, i) => answer.totals[i + 2] != null);
  const sum = (cells: (unknown[] | undefined)[]) =>
    measures.map((_, i) =>
      addsUp[i] ? cells.reduce<number>((s, c) => s + Number(c?.[i] ?? 0), 0) : undefined,
    );
  const rows = values.map((value) => {
    const cells = across.map((a) => found.get(key(value) + key(a)));
    return { value, cells, total: sum(cells) };
  });
  const anything = addsUp.some(Boolean);
  return {
    down,
    across,
    acrossColumn,
    rows,
    measures,
    totals: anything ? across.map((_, i) => sum(rows.map((r) => r.cells[i]))) : [],
    whole: anything ? measures.map((_, i) => whole(answer.totals[i + 2])) : [],
  };
}

const whole = (total: unknown) => (total == null ? undefined : Number(total));
