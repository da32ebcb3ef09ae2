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
