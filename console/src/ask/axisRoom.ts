const LETTER = 7;
const LONGEST_LABEL = 220;
const TITLE = 45;

/** The pixels that an axis of names needs beside the charts, and at least so many. */
export function axisRoom(names: unknown[], least: number): number {
  const longest = Math.max(0, ...names.map((name) => String(name ?? "").length));
  return Math.max(least, Math.min(LONGEST_LABEL, longest * LETTER) + TITLE);
}
