import type { WordPart } from "../rest/client";

const MOST = 3;

/**
 * The stretches of unread words of a question, in order: words side by side are one. Words at
 * either end that are known for what they mean elsewhere do not count, unless all are.
 */
export function unreadStretches(words: WordPart[], question: string): string[] {
  const stretches: WordPart[][] = [];
  for (const word of words.filter((w) => w.kind === "unread")) {
    const stretch = stretches.at(-1);
    const last = stretch?.at(-1);
    if (stretch && last && question.slice(last.end, word.start).trim() === "") {
      stretch.push(word);
    } else {
      stretches.push([word]);
    }
  }
  const texts = stretches.map((stretch) => {
    const unknown = stretch.filter((w) => w.found !== "known");
    const ends = unknown.length > 0 ? unknown : stretch;
    return question.slice(ends[0]?.start, ends.at(-1)?.end);
  });
  return [...new Set(texts)].filter((t) => /\p{L}/u.test(t)).slice(0, MOST);
}
