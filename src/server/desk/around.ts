/** Letters before and behind what was found. */
const ROUND = { before: 30, behind: 60 } as const;

/** Words of a piece round the first one that was looked for and is not in its title; null where there is none. */
export function around(words: string, title: string, find: string): string | null {
  const low = words.toLowerCase();
  for (const word of find.toLowerCase().split(/\s+/).filter(Boolean)) {
    const at = title.toLowerCase().includes(word) ? -1 : low.indexOf(word);
    if (at < 0) continue;
    const from = Math.max(0, at - ROUND.before);
    const to = Math.min(words.length, at + word.length + ROUND.behind);
    // From the beginning of a word, and to the end of one.
    const cut = words
      .slice(from, to)
      .replace(from > 0 ? /^[^\s]*[^\p{L}\p{N}]+/u : /^$/, '')
      .replace(to < words.length ? /\s\S*$/ : /^$/, '')
      .replace(/\s+/g, ' ')
      .trim();
    return `${from > 0 ? '… ' : ''}${cut}${to < words.length ? ' …' : ''}`;
  }
  return null;
}
