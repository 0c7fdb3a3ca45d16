import type { Passage, Source } from '../source/types.ts';
import type { OutlineChoices } from './types.ts';

/** The chapters that are told: those that were chosen, or the first. */
export function toldChapters({ chapters }: Source, choices: Pick<OutlineChoices, 'chapters'>): string[] {
  const chosen = chapters.filter((c) => choices.chapters.includes(c.id)).map((c) => c.id);
  return chosen.length ? chosen : chapters.slice(0, 1).map((c) => c.id);
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
