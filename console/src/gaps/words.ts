import type { Gap } from "../rest/client";

/** States that gaps can be listed by. */
export const STATES = [
  { value: "open", text: "open" },
  { value: "mended", text: "mended in the draft" },
  { value: "put_off", text: "put off" },
  { value: "not_in_data", text: "not in our data" },
  { value: "left", text: "left" },
];

/** What a gap is about, in a few words. */
export function causeOf(gap: Gap): string {
  switch (gap.kind) {
    case "unread":
      return `“${gap.words}” is not understood`;
    case "asked_back":
      return `asked back: ${gap.words}`;
    case "judged_wrong":
      return `judged wrong: ${gap.words.replace(/^[^:]*: /, "")}`;
    default:
      return `declined: ${gap.words}`;
  }
}

export const people = (n: number) => (n === 1 ? "1 person" : `${n} people`);
