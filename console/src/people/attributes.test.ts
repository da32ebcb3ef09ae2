import { describe, expect, it } from "vitest";
import { attributeLines, attributesOf } from "./attributes";

describe("attributes of an account", () => {
  it.each([
    ["huts: 1, 7, 12", { huts: ["1", "7", "12"] }],
    ["  huts :1,7\n\nvalley: Ossel  ", { huts: ["1", "7"], valley: ["Ossel"] }],
    ["opened: 10:30", { opened: ["10:30"] }],
    ["huts:", { huts: [] }],
    ["", {}],
  ])("%j are read", (lines, attributes) => {
    expect(attributesOf(lines)).toEqual(attributes);
    expect(attributesOf(attributeLines(attributes))).toEqual(attributes);
  });

  it.each([
    ["huts 1, 7", "a colon"],
    [": 1", "a name"],
    ["huts: 1\nhuts: 7", "twice"],
  ])("%j is refused with what to do", (lines, says) => {
    expect(() => attributesOf(lines)).toThrow(says);
  });
});
