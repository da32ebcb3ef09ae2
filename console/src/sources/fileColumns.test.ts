import { expect, test } from "vitest";
import type { FileColumn } from "../rest/client";
import { howRead, say } from "./fileColumns";

const column = (part: object) =>
  ({ index: 0, header: "", name: "a", percent: false, kept: true, ...part }) as FileColumn;

test("texts are read in one way only", () => {
  expect(howRead(column({ kind: "TEXT" }))).toBeUndefined();
});

test("what the author must say is offered as not said yet", () => {
  const days = howRead(column({ kind: "DAY", order: null }));
  expect(days?.value).toBe("");
  expect(days?.options.map((o) => o.text)).toEqual(["say how", "the day first", "the month first"]);
});

test("what was said is no question any more", () => {
  expect(howRead(column({ kind: "DECIMAL", mark: "COMMA" }))?.options).toHaveLength(2);
});

test("a number with another mark may have decimals", () => {
  expect(say(column({ kind: "WHOLE" }), "COMMA")).toEqual({ mark: "COMMA", kind: "DECIMAL" });
  expect(say(column({ kind: "MOMENT" }), "MONTH_FIRST")).toEqual({ order: "MONTH_FIRST" });
});
