import type { Draft, Edit } from "../rest/client";

/** What something is called, and what it is: "column channel of stays". */
export interface Named {
  word: string;
  item: string;
  what: string;
  /** Columns of different tables may share a word: the rest of a question tells them apart. */
  isColumn?: boolean;
}

const plain = (word: string) => word.trim().toLowerCase().replace(/\s+/g, " ");

/** Every word by which people can call an item of a draft. */
export function namesOf(draft: Draft): Named[] {
  const names: Named[] = [];
  const put = (item: string, what: string, words: string[], isColumn = false) =>
    words
      .filter(Boolean)
      .forEach((word) => names.push({ word: plain(word), item, what, isColumn }));
  for (const t of draft.tables) {
    const table = `tables/${t.name}`;
    put(table, `the table ${t.rowNounPlural}`, [t.rowNoun, t.rowNounPlural, ...t.alsoCalled]);
    for (const c of t.columns) {
      const words = [c.label, ...c.alsoCalled];
      put(`${table}/columns/${c.name}`, `the column ${c.label} of ${t.rowNounPlural}`, words, true);
    }
    for (const c of t.conditions) {
      put(`${table}/conditions/${c.name}`, `the condition ${c.label}`, [c.label, ...c.alsoCalled]);
    }
  }
  for (const m of draft.metrics) {
    put(`metrics/${m.name}`, `the metric ${m.label}`, [m.label, ...m.alsoCalled]);
  }
  return names;
}

/** What else goes by a word already; undefined when it is free. */
export function clash(names: Named[], item: string, word: string): Named | undefined {
  const wanted = plain(word);
  const isColumn = item.includes("/columns/");
  return names.find((n) => n.word === wanted && n.item !== item && !(isColumn && n.isColumn));
}

/** Words of a pasted list: one a line, or set off by commas, semicolons or tabs; none twice. */
export function pastedWords(text: string): string[] {
  const words = text.split(/[\n\r,;\t]+/).map((w) => w.trim().replace(/\s+/g, " "));
  return [...new Set(words.filter(Boolean))];
}

/** An item with the synonyms that can be edited, and where they stand. */
export interface Item {
  item: string;
  /** What requests call it; empty for links. */
  ref: string;
  what: string;
  words: string[];
  file: string;
  path: string[];
}

/** The file that an item stands in. */
export const homeOf = (draft: Draft, item: string) => draft.homes[item] ?? "model.yaml";

/** Everything that can have synonyms, tables first. */
export function itemsOf(draft: Draft): Item[] {
  const items: Item[] = [];
  for (const t of draft.tables) {
    const table = `tables/${t.name}`;
    const file = homeOf(draft, table);
    const put = (ref: string, path: string[], what: string, words: string[]) =>
      items.push({ item: [table, ...path].join("/"), ref, what, words, file, path });
    put(t.name, [], t.rowNounPlural, t.alsoCalled);
    t.columns.forEach((c) => {
      const item = `${table}/columns/${c.name}`;
      const path = [c.sql ? "computed" : "columns", c.name];
      items.push({
        item,
        ref: `${t.name}.${c.name}`,
        what: `${c.label} of ${t.rowNounPlural}`,
        words: c.alsoCalled,
        file,
        path,
      });
    });
    t.conditions.forEach((c) =>
      put(`${t.name}.${c.name}`, ["conditions", c.name], c.label, c.alsoCalled),
    );
    t.links.forEach((l) =>
      put("", ["links", l.name], `${l.label} of ${t.rowNounPlural} (link)`, l.alsoCalled),
    );
  }
  for (const m of draft.metrics) {
    const item = `metrics/${m.name}`;
    const path = ["metrics", m.name];
    const file = homeOf(draft, item);
    items.push({ item, ref: m.name, what: m.label, words: m.alsoCalled, file, path });
  }
  return items;
}

/**
 * The edit that gives an item further synonyms; undefined when the draft has no such item.
 *
 * @param ref what requests call it, also a value: `valleys.name=Ossel`
 */
export function synonymEdit(draft: Draft, ref: string, words: string[]): Edit | undefined {
  const sign = ref.indexOf("=");
  const item = itemsOf(draft).find((i) => i.ref === (sign < 0 ? ref : ref.slice(0, sign)));
  if (!item) return undefined;
  if (sign < 0) {
    const value = [...item.words, ...words];
    return { file: item.file, path: [...item.path, "also_called"], value };
  }
  const stored = ref.slice(sign + 1);
  const [table, column] = ref.slice(0, sign).split(".");
  const named = draft.tables
    .find((t) => t.name === table)
    ?.columns.find((c) => c.name === column)
    ?.values.find((v) => v.stored === stored);
  return {
    file: item.file,
    path: [...item.path, "values", stored],
    value: { name: named?.name ?? stored, also_called: [...(named?.alsoCalled ?? []), ...words] },
  };
}
