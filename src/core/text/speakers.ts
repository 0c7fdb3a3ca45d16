/** "Name: what is said" at the beginning of a line; a name is one to three words with a capital or all in capitals. */
const SAID = /^(\p{Lu}[\p{L}\p{M}'’.-]*(?: \p{L}[\p{L}\p{M}'’.-]*){0,2})\s?:\s+(?=\S)/u;
const LONGEST_NAME = 28;

/** Who speaks a line, and how long the part before what is said is; null when no name stands before it. */
export function namedLine(line: string): { name: string; length: number } | null {
  const m = SAID.exec(line);
  const name = m?.[1];
  return m && name && name.length <= LONGEST_NAME ? { name, length: m[0].length } : null;
}

/**
 * The speakers of a script, in the order in which they come: names before a colon, when at least two of them take turns.
 * A single "Note: ..." is no speaker, nor are headings that come once each. A name counts as the same in other capitals.
 */
export function speakersOf(lines: readonly string[]): string[] {
  const counts = new Map<string, { name: string; times: number }>();
  let turns = 0;
  let last = '';
  for (const line of lines) {
    const name = namedLine(line)?.name;
    if (!name) continue;
    const key = name.toLowerCase();
    const one = counts.get(key) ?? { name, times: 0 };
    one.times++;
    counts.set(key, one);
    if (last && last !== key) turns++;
    last = key;
  }
  const all = [...counts.values()];
  const again = all.filter((c) => c.times > 1).length;
  return all.length >= 2 && turns >= 2 && again >= 1 ? all.map((c) => c.name) : [];
}
