import { describe, expect, it } from "vitest";
import { trendOf } from "./trendPoints";

describe("the points of a trend", () => {
  it("lie from left to right, the highest at the top and zero at the bottom", () => {
    const points = trendOf(
      [
        ["2025-01-01", 0],
        ["2025-02-01", 50],
        ["2025-03-01", "100"],
      ],
      100,
      40,
    );
    expect(points.map((p) => [p.x, p.y])).toEqual([
      [0, 40],
      [50, 20],
      [100, 0],
    ]);
  });

  it("leave out what is not known", () => {
    expect(
      trendOf(
        [
          [null, 5],
          ["2025-01-01", null],
        ],
        100,
        40,
      ),
    ).toEqual([]);
  });

  it("go below zero where numbers do", () => {
    const points = trendOf(
      [
        ["2025-01-01", -10],
        ["2025-02-01", 10],
      ],
      100,
      40,
    );
    expect(points.map((p) => p.y)).toEqual([40, 0]);
  });

  it("of nothing but zeros lie at the bottom", () => {
    expect(trendOf([["2025-01-01", 0]], 100, 40).map((p) => p.y)).toEqual([40]);
  });
});
