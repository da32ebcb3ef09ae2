import { expect, test } from "vitest";
import type { WordPart } from "../rest/client";
import { unreadStretches } from "./stretches";

const question = "no shows and 12 by valley with frobs";
const KNOWN = ["no", "shows", "by", "with", "and"];

function words(...unread: string[]): WordPart[] {
  return question.split(" ").map((text) => {
    const start = question.indexOf(text);
    const kind = unread.includes(text) ? "unread" : "word";
    const found = kind === "unread" && KNOWN.includes(text) ? "known" : "";
    return { start, end: start + text.length, text, kind, means: "", found };
  });
}

test("unread words side by side are one stretch", () => {
  expect(unreadStretches(words("no", "shows", "frobs"), question)).toEqual(["no shows", "frobs"]);
});

test("words that are known elsewhere do not count at the ends", () => {
  expect(unreadStretches(words("with", "frobs"), question)).toEqual(["frobs"]);
});

test("numbers mean nothing by themselves, and a read question has none", () => {
  expect(unreadStretches(words("12"), question)).toEqual([]);
  expect(unreadStretches(words(), question)).toEqual([]);
});
