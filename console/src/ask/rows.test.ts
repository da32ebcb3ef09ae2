import { describe, expect, it } from "vitest";
import type { AnswerColumn } from "../rest/client";
import { goOnWith, onlyRow, sorted } from "./rows";

const column = (name: string, kind: string): AnswerColumn => ({
  name,
  kind,
  unit: "",
  shownAs: "number",
});

describe("rows", () => {
  const rows = [
    ["Ossel", 2],
    ["Quill", null],
    ["Brannick", 10],
  ];

  it("stay as they came until a heading is pressed", () => {
    expect(sorted(rows, undefined)).toBe(rows);
  });

  it("are sorted as numbers and as text, missing ones last either way", () => {
    expect(sorted(rows, { column: 1, descending: true }).map((r) => r[1])).toEqual([10, 2, null]);
    expect(sorted(rows, { column: 1, descending: false }).map((r) => r[1])).toEqual([2, 10, null]);
    expect(sorted(rows, { column: 0, descending: false }).map((r) => r[0])).toEqual([
      "Brannick",
      "Ossel",
      "Quill",
    ]);
  });

  it("are told by all their groups, or not at all", () => {
    const columns = [column("valley", "category"), column("month", "month"), column("n", "number")];
    expect(onlyRow(columns, ["Ossel", "2026-07-01", 3])).toEqual([
      'only for valley "Ossel"',
      "only Jul 2026",
    ]);
    expect(onlyRow(columns, [null, "2026-07-01", 3])).toBeUndefined();
    expect(onlyRow([column("week", "week")], ["2026-07-06"])).toBeUndefined();
  });

  it("can be gone on from by the name of a group only", () => {
    expect(goOnWith(column("valley", "category"), "Ossel")).toBe('only for valley "Ossel"');
    expect(goOnWith(column("month", "month"), "2026-01-01")).toBeUndefined();
    expect(goOnWith(column("valley", "category"), null)).toBeUndefined();
  });
});
