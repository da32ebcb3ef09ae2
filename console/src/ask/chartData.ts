import type { Answer } from "../rest/client";
import { cellText } from "./cells";

type Datum = Record<string, unknown>;

/**
 * The rows as a chart's specification expects them: columns c0, c1, ...; numbers as numbers, times
 * along an axis as dates, everything else as the text to show.
 */
export function chartData(answer: Answer): Datum[] {
  const temporal = temporalFields(answer.chart);
  return answer.rows.map((row) =>
    Object.fromEntries(
      answer.columns.map((column, i) => {
        const field = `c${i}`;
        const value = row[i];
        if (column.kind === "number") return [field, value === null ? null : Number(value)];
        if (temporal.has(field)) return [field, `${String(value)}T00:00:00`];
        return [field, cellText(value, column)];
      }),
    ),
  );
}

/** The specification with no ticks between whole numbers where there are only such. */
export function withWholeTicks(answer: Answer): unknown {
  const whole = new Set(
    answer.columns.flatMap((column, i) =>
      column.kind === "number" &&
      answer.rows.every((row) => row[i] === null || Number.isInteger(Number(row[i])))
        ? [`c${i}`]
        : [],
    ),
  );
  const visit = (node: unknown): unknown => {
    if (Array.isArray(node)) return node.map(visit);
    if (typeof node !== "object" || node === null) return node;
    const { field, type, axis } = node as { field?: string; type?: string; axis?: object };
    const changed = Object.fromEntries(Object.entries(node).map(([k, v]) => [k, visit(v)]));
    return type === "quantitative" && axis && field && whole.has(field)
      ? { ...changed, axis: { ...axis, tickMinStep: 1 } }
      : changed;
  };
  return visit(answer.chart);
}

function temporalFields(spec: unknown): Set<string> {
  const found = new Set<string>();
  const visit = (node: unknown) => {
    if (Array.isArray(node)) {
      node.forEach(visit);
    } else if (typeof node === "object" && node !== null) {
      const { field, type } = node as { field?: string; type?: string };
      if (type === "temporal" && field) found.add(field);
      Object.values(node).forEach(visit);
    }
  };
  visit(spec);
  return found;
}
