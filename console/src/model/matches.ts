/** Whether any of the texts has the wanted word in it; an empty wish matches all. */
export function matches(wanted: string, ...texts: string[]): boolean {
  const word = wanted.trim().toLowerCase();
  return word === "" || texts.some((t) => t.toLowerCase().includes(word));
}
