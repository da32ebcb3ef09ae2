import type { AnswerColumn } from "../rest/client";

export const NONE = "(none)";
const LOCALE = "en";
const DAYS = ["Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday", "Sunday"];

function date(value: unknown, options: Intl.DateTimeFormatOptions): string {
  const day = new Date(`${String(value)}T00:00:00Z`);
  return new Intl.DateTimeFormat("en-GB", { ...options, timeZone: "UTC" }).format(day);
}

/** A cell of an answer as people read it. */
export function cellText(value: unknown, column: AnswerColumn): string {
  if (value === null || value === undefined) {
    return column.kind === "number" ? "" : NONE;
  }
  switch (column.kind) {
    case "number":
      return numberText(Number(value), column);
    case "year":
      return String(value).slice(0, 4);
    case "business_year": {
      const [year, month] = String(value).split("-");
      return month === "01" ? String(year) : String(Number(year) + 1);
    }
    case "quarter": {
      const [year, month] = String(value).split("-");
      return `Q${Math.ceil(Number(month) / 3)} ${year}`;
    }
    case "month":
      return date(value, { month: "short", year: "numeric" });
    case "week":
    case "day":
      return date(value, { day: "numeric", month: "short", year: "numeric" });
    case "date": {
      const [day, time] = String(value).split("T");
      const text = date(day, { day: "numeric", month: "short", year: "numeric" });
      return time ? `${text}, ${time.slice(0, 5)}` : text;
    }
    case "day_of_week":
      return DAYS[Number(value) - 1] ?? String(value);
    case "month_of_year":
      return date(`2000-${String(value).padStart(2, "0")}-01`, { month: "long" });
    case "hour_of_day":
      return `${String(value).padStart(2, "0")}:00`;
    case "yes_no":
      return value === true ? "yes" : "no";
    default:
      return String(value);
  }
}

function numberText(value: number, column: AnswerColumn): string {
  switch (column.shownAs) {
    case "percent":
      return new Intl.NumberFormat(LOCALE, {
        style: "percent",
        minimumFractionDigits: 1,
        maximumFractionDigits: 1,
      }).format(value);
    case "money":
      return new Intl.NumberFormat(LOCALE, {
        minimumFractionDigits: 2,
        maximumFractionDigits: 2,
      }).format(value);
    default:
      return new Intl.NumberFormat(LOCALE, { maximumFractionDigits: 2 }).format(value);
  }
}

/** The heading of a column, with its unit unless the name says it already. */
export function headingText(column: AnswerColumn): string {
  const said = column.unit === "" || column.name.endsWith(column.unit);
  return said ? column.name : `${column.name} (${column.unit})`;
}
