import { type Item, NOTHING_REMOVED, type Removed } from './items.ts';

/** The heading of a scene: "INT. KITCHEN - MORNING". */
const SLUG = /^(?:\d+\s+)?(?:INT|EXT|INT\.?\/EXT|I\/E)[.\s]\s*(.+)$/;
/** Who speaks: in capitals by itself, with a remark how ("NARRATOR (V.O.)"). */
const CUE = /^([\p{Lu}][\p{Lu}\p{N} .'’-]{0,30}?)\s*(?:\(([^)]*)\)\s*)*$/u;
const PARENTHETICAL = /^\([^)]*\)$/;
const CUT = /^(?:[A-Z ]+ )?(?:CUT|FADE|DISSOLVE|SMASH CUT|MATCH CUT)\b[A-Z ]*[:.]?$/;

const NARRATOR = /^(?:NARRATOR|VOICE|V\.?O\.?|ANNOUNCER)$/;

/**
 * A script as it is written for films: headings of scenes, what is seen, and under a name in capitals what it says. null for
 * anything else. When only one speaks, or a narrator, what is said is the voice of the piece.
 */
export function screenplayItems(text: string): { items: Item[]; removed: Removed; plain: string } | null {
  if (!text.split('\n').some((l) => SLUG.test(l.trim()))) return null;
  const paragraphs = text.split(/\n[ \t]*\n+/).map((p) =>
    p
      .split('\n')
      .map((l) => l.trim())
      .filter(Boolean),
  );
  const names = new Set(paragraphs.flatMap((p) => (p.length > 1 ? (cueOf(p[0]) ?? []) : [])));
  const items: Item[] = [];
  const put = (part: Item['part'], words: string, labelled = true) =>
    items.push({ part, text: words, labelled, sure: true, begins: true, waits: false, apart: false });
  for (const [first = '', ...rest] of paragraphs) {
    const slug = SLUG.exec(first);
    const cue = rest.length ? cueOf(first) : null;
    if (slug) {
      put('section', '', false);
      put('seen', placeOf(slug[1] ?? ''));
      if (rest.length) put('seen', rest.join(' '));
    } else if (CUT.test(first)) put('note', first);
    else if (cue) {
      const words = rest.filter((l) => !PARENTHETICAL.test(l)).join(' ');
      put('said', names.size > 1 && !NARRATOR.test(cue) ? `${inCase(cue)}: ${words}` : words);
    } else if (first) put('seen', [first, ...rest].join(' '));
  }
  return { items, removed: { ...NOTHING_REMOVED }, plain: text };
}

const cueOf = (line = ''): string | null => {
  const name = CUT.test(line) || SLUG.test(line) ? undefined : CUE.exec(line)?.[1];
  return name?.trim() || null;
};

const inCase = (name: string): string =>
  name.toLowerCase().replace(/(?<!\p{L})\p{L}/gu, (c) => c.toUpperCase());

/** "KITCHEN - MORNING" as it is said: "kitchen, morning". */
const placeOf = (slug: string): string =>
  slug
    .toLowerCase()
    .replace(/\s*[-–—]+\s*/g, ', ')
    .trim();
