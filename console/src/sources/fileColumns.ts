import type { FileColumn } from "../rest/client";

/** What a column of a file can hold. */
export const KINDS = [
  { value: "TEXT", text: "text" },
  { value: "WHOLE", text: "whole numbers" },
  { value: "DECIMAL", text: "numbers with decimals" },
  { value: "DAY", text: "days" },
  { value: "MOMENT", text: "days with a time" },
  { value: "INSTANT", text: "days with a time and zone" },
  { value: "TIME", text: "times of day" },
  { value: "YES_NO", text: "yes or no" },
];

const MARKS = [
  { value: "POINT", text: "a decimal point" },
  { value: "COMMA", text: "a decimal comma" },
];
const ORDERS = [
  { value: "DAY_FIRST", text: "the day first" },
  { value: "MONTH_FIRST", text: "the month first" },
];
const UNSAID = { value: "", text: "say how" };

/** How the cells of a column are read, where there is a choice. */
export function howRead(column: FileColumn) {
  const isNumber = column.kind === "WHOLE" || column.kind === "DECIMAL";
  const isDay = column.kind === "DAY" || column.kind === "MOMENT";
  if (!isNumber && !isDay) return undefined;
  const value = ((isNumber ? column.mark : column.order) as string | null) ?? "";
  const options = isNumber ? MARKS : ORDERS;
  return { value, options: value === "" ? [UNSAID, ...options] : options };
}

/** The part of a column that an answer to `howRead` changes. */
export function say(column: FileColumn, value: string): Partial<FileColumn> {
  if (column.kind === "DAY" || column.kind === "MOMENT") {
    return { order: value as FileColumn["order"] };
  }
  // Digits behind another mark may be decimals.
  return { mark: value as FileColumn["mark"], kind: "DECIMAL" };
}
