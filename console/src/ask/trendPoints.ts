/** A number of a trend, and where its point is drawn. */
export interface Point {
  at: unknown;
  value: number;
  x: number;
  y: number;
}

/** Rows of a time and a number as points of a line; the scale begins at zero. */
export function trendOf(rows: unknown[][], width: number, height: number): Point[] {
  const known = rows
    .filter((row) => row[0] != null && row[1] != null)
    .map((row) => ({ at: row[0], value: Number(row[1]) }));
  const most = Math.max(0, ...known.map((p) => p.value));
  const least = Math.min(0, ...known.map((p) => p.value));
  const step = width / Math.max(known.length - 1, 1);
  return known.map((p, i) => ({
    ...p,
    x: Math.round(i * step),
    y: Math.round(most === least ? height : (height * (most - p.value)) / (most - least)),
  }));
}
