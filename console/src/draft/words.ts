import type { Column, Metric } from "../rest/client";

const options = (...pairs: [string, string][]) => pairs.map(([value, text]) => ({ value, text }));

/** What a column can hold, in the words of the files and of people. */
export const HOLDS = options(
  ["category", "category"],
  ["number", "number"],
  ["date", "date"],
  ["time", "date and time"],
  ["text", "text"],
  ["yes_no", "yes or no"],
  ["id", "identifier"],
  ["latitude", "latitude"],
  ["longitude", "longitude"],
  ["region", "region"],
  ["outline", "outline (GeoJSON)"],
);

export const ADDS_UP = options(
  ["", "as its kind does"],
  ["sum", "sum"],
  ["average", "average"],
  ["last", "last of the period"],
  ["never", "never"],
);

export const BETTER = options(["", "not said"], ["higher", "higher"], ["lower", "lower"]);
export const ACROSS_TIME = options(["adds_up", "adds up"], ["last", "last of the period"]);
export const SHOWN_AS = options(["number", "number"], ["percent", "percent"], ["money", "money"]);

export const WEEKDAYS = [
  "monday",
  "tuesday",
  "wednesday",
  "thursday",
  "friday",
  "saturday",
  "sunday",
].map((d) => ({ value: d, text: d }));

export const MONTHS = [
  "january",
  "february",
  "march",
  "april",
  "may",
  "june",
  "july",
  "august",
  "september",
  "october",
  "november",
  "december",
].map((m) => ({ value: m, text: m }));

/** A constant of the interface as the files write it. */
export const written = (constant: string | null | undefined) => (constant ?? "").toLowerCase();

/** The part of a table's file in which a column stands. */
export const placeOf = (column: Column) => (column.sql ? "computed" : "columns");

/** An identifier for what people call something. */
export function identifier(words: string) {
  return words
    .normalize("NFKD")
    .replace(/\p{M}/gu, "")
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, "_")
    .replace(/^[_0-9]+|_+$/g, "")
    .slice(0, 80);
}

/** What a metric is computed over. */
export const over = (metric: Metric) => (metric.table ? `over ${metric.table}` : "made of metrics");

/** What shall stand in a file: nothing at all rather than an empty text or list. */
export const kept = (value: unknown) =>
  value === "" || (Array.isArray(value) && value.length === 0) ? undefined : value;
