import type { Passage, Source } from '../source/types.ts';
import type { OutlineChoices } from './types.ts';

/** What stands in a book before it begins. */
const FRONT =
  /^["“‘]?(?:about|copyright|(?:table of )?contents|title ?page|half ?title|cover|also (?:by|available)|by the same|dedication|acknowledge?ments?|imprint|colophon|praise for|list of|frontispiece|epigraph|publisher|licen[cs]e|note on the (?:text|edition))\b/i;

/** A motto and a part's name are shorter than a chapter. */
const LEAST_LETTERS = 1500;

/** The chapters that are told: those that were chosen, or the first of the book itself. */
export function toldChapters(
  { chapters, passages }: Source,
  choices: Pick<OutlineChoices, 'chapters'>,
): string[] {
  const chosen = chapters.filter((c) => choices.chapters.includes(c.id)).map((c) => c.id);
  if (chosen.length) return chosen;
  const own = chapters.filter((c) => !FRONT.test(c.title));
  const lettersOf = ({ start, end }: (typeof chapters)[number]) =>
    passages.slice(start, end).reduce((n, p) => n + p.sentences.reduce((m, s) => m + s.text.length, 0), 0);
  const first = own.find((c) => lettersOf(c) >= LEAST_LETTERS) ?? own[0] ?? chapters[0];
  return first ? [first.id] : [];
}

/** Kept with the whole: what is worked out for a list of passages is remembered by the list. */
const parts = new WeakMap<readonly Passage[], Map<string, Passage[]>>();

/** A source with the passages of the chosen chapters only; as it is when it has none. */
export function chosenChapters(source: Source, choices: Pick<OutlineChoices, 'chapters'>): Source {
  if (!source.chapters.length) return source;
  const told = toldChapters(source, choices);
  const known = parts.get(source.passages) ?? new Map<string, Passage[]>();
  parts.set(source.passages, known);
  const key = told.join(' ');
  const passages =
    known.get(key) ??
    source.chapters.filter((c) => told.includes(c.id)).flatMap((c) => source.passages.slice(c.start, c.end));
  known.set(key, passages);
  return { ...source, passages };
}
