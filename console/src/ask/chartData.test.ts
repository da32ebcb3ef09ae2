import { expect, it } from "vitest";
import type { Answer } from "../rest/client";
import { chartData, withWholeTicks } from "./chartData";

function answer(type: string): Answer {
  return {
    chart: { encoding: { x: { field: "c0", type }, y: { field: "c1", type: "quantitative" } } },
    columns: [
      { name: "month", kind: "month", unit: "", shownAs: "number" },
      { name: "revenue", kind: "number", unit: "", shownAs: "number" },
    ],
    rows: [
      ["2026-01-01", 5],
      ["2026-02-01", null],
    ],
  } as unknown as Answer;
}

it("gives times along an axis as times", () => {
  expect(chartData(answer("temporal"))).toEqual([
    { c0: "2026-01-01T00:00:00", c1: 5 },
    { c0: "2026-02-01T00:00:00", c1: null },
  ]);
});

it("gives everything else as the text to show", () => {
  expect(chartData(answer("ordinal"))[0]).toEqual({ c0: "Jan 2026", c1: 5 });
});

it("puts no ticks between whole numbers, and as many as needed between others", () => {
  const counted = answer("ordinal");
  const y = { field: "c1", type: "quantitative", axis: { format: ",d" } };
  counted.chart = { encoding: { y } };
  expect(withWholeTicks(counted)).toEqual({
    encoding: { y: { ...y, axis: { format: ",d", tickMinStep: 1 } } },
  });
  counted.rows = [["2026-01-01", 5.5]];
  expect(withWholeTicks(counted)).toEqual({ encoding: { y } });
});
