import { describe, expect, it } from "vitest";
import type { AnswerColumn } from "../rest/client";
import { cellText, headingText } from "./cells";

function column(kind: string, shownAs = "number", unit = ""): AnswerColumn {
  return { name: "revenue", kind, shownAs, unit };
}

describe("cells", () => {
  it.each([
    ["number", "number", 1234.567, "1,234.57"],
    ["number", "money", 1234.5, "1,234.50"],
    ["number", "percent", 0.256, "25.6%"],
    ["number", "number", null, ""],
    ["category", "number", null, "(none)"],
    ["category", "number", "Ossel", "Ossel"],
    ["year", "number", "2026-01-01", "2026"],
    ["business_year", "number", "2025-11-01", "2026"],
    ["business_year", "number", "2025-01-01", "2025"],
    ["quarter", "number", "2026-10-01", "Q4 2026"],
    ["month", "number", "2026-10-01", "Oct 2026"],
    ["day", "number", "2026-10-05", "5 Oct 2026"],
    ["day_of_week", "number", 7, "Sunday"],
    ["month_of_year", "number", 2, "February"],
    ["hour_of_day", "number", 7, "07:00"],
    ["yes_no", "number", true, "yes"],
  ])("%s shown as %s: %s", (kind, shownAs, value, text) => {
    expect(cellText(value, column(kind, shownAs))).toBe(text);
  });

  it("says the unit once", () => {
    expect(headingText(column("number", "money", "EUR"))).toBe("revenue (EUR)");
    expect(headingText({ ...column("number", "number", "nights"), name: "guest nights" })).toBe(
      "guest nights",
    );
  });
});

it("days and times are written as people write them", () => {
  const column = { name: "alarm time", kind: "date", unit: "", shownAs: "number" };
  expect(cellText("2026-10-08", column)).toBe("8 Oct 2026");
  expect(cellText("2026-10-08T11:53:07", column)).toBe("8 Oct 2026, 11:53");
  expect(cellText(null, column)).toBe("(none)");
});
