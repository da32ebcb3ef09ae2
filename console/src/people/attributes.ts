/** Attributes as lines that people write: `huts: 1, 7, 12`. */
export function attributeLines(attributes: Record<string, string[]>): string {
  return Object.entries(attributes)
    .map(([name, values]) => `${name}: ${values.join(", ")}`)
    .join("\n");
}

/**
 * Attributes from lines.
 *
 * @throws Error for a line that has no name, or a name that comes twice
 */
export function attributesOf(lines: string): Record<string, string[]> {
  const attributes: Record<string, string[]> = {};
  for (const line of lines.split("\n").filter((l) => l.trim() !== "")) {
    const at = line.indexOf(":");
    const name = line.slice(0, Math.max(at, 0)).trim();
    if (name === "") throw new Error(`Write “${line.trim()}” as a name, a colon and its values.`);
    if (name in attributes)
      throw new Error(`“${name}” stands there twice. Put its values together.`);
    attributes[name] = words(line.slice(at + 1));
  }
  return attributes;
}

/** What stands between commas. */
export function words(text: string): string[] {
  return text
    .split(",")
    .map((w) => w.trim())
    .filter((w) => w !== "");
}
