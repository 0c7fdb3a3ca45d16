/** A place in a pattern of words: the name of a column in braces. Two braces are one that is meant as such. */
const PLACE = /\{\{|\}\}|\{([^{}\n]{1,80})\}/g;

const nameOf = (written: string): string => written.trim().toLowerCase();

/** The columns that a pattern asks for, as written there, each once. */
export function placesIn(pattern: string): string[] {
  const found = new Map<string, string>();
  for (const [, name] of pattern.matchAll(PLACE)) if (name) found.set(nameOf(name), name.trim());
  return [...found.values()];
}

/**
 * A pattern with the values of a row in its places. A line for which the row lacks a value is left out, so that nothing with a
 * hole in it goes out; left: those lines, as the pattern has them.
 */
export function filledPattern(
  pattern: string,
  row: Readonly<Record<string, string>>,
): { text: string; left: string[] } {
  const values = new Map(Object.entries(row).map(([name, value]) => [nameOf(name), value.trim()]));
  const left: string[] = [];
  const lines = pattern.split(/\r?\n/).flatMap((line) => {
    let whole = true;
    const filled = line.replace(PLACE, (written, name: string | undefined) => {
      if (name === undefined) return written.charAt(0);
      const value = values.get(nameOf(name)) ?? '';
      if (!value) whole = false;
      return value;
    });
    if (!whole) left.push(line.trim());
    return whole ? [filled] : [];
  });
  return { text: lines.join('\n'), left };
}
