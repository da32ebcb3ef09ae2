import { expect, test } from "vitest";

import { axisRoom } from "./axisRoom";

test("long names get the room that they need", () => {
  expect(axisRoom(["Saint-Rémy Refuge"], 100)).toBe(17 * 7 + 45);
});

test("short names and no names get the least", () => {
  expect(axisRoom(["Ossel", null], 100)).toBe(100);
  expect(axisRoom([], 100)).toBe(100);
});

test("names that are cut get no more than what is shown of them", () => {
  expect(axisRoom(["x".repeat(500)], 100)).toBe(220 + 45);
});
