import { describe, expect, it } from "vitest";
import type { Answer } from "../rest/client";
import { crossed } from "./crossed";

const column = (name: string, kind: string) => ({ name, kind, unit: "", shownAs: "plain" });

function answer(rows: unknown[][], totals: unknown[]): Answer {
  return {
    columns: [
      column("valley", "category"),
      column("channel", "category"),
      column("stays", "number"),
    ],
    rows,
    totals,
  } as unknown as Answer;
}

describe("a cross table", () => {
  const rows = [
    ["Ossel", "web", 3],
    ["Ossel", "phone", 1],
    ["Sey", "web", 4],
  ];

  it("has a row for each value down and a column for each value across", () => {
    const table = crossed(answer(rows, [null, null, 8]));
    expect(table?.across).toEqual(["web", "phone"]);
    expect(table?.rows.map((r) => [r.value, r.cells])).toEqual([
      ["Ossel", [[3], [1]]],
      ["Sey", [[4], undefined]],
    ]);
  });

  it("adds up what adds up", () => {
    const table = crossed(answer(rows, [null, null, 8]));
    expect(table?.rows.map((r) => r.total)).toEqual([[4], [4]]);
    expect(table?.totals).toEqual([[7], [1]]);
    expect(table?.whole).toEqual([8]);
  });

  it("adds nothing up that does not", () => {
    const table = crossed(answer(rows, []));
    expect(table?.totals).toEqual([]);
    expect(table?.rows[0]?.total).toEqual([undefined]);
  });

  it("is none for other shapes", () => {
    const one = { ...answer([], []), columns: [column("stays", "number")] } as unknown as Answer;
    expect(crossed(one)).toBeUndefined();
  });
});
