import type { Saying } from '../piece/types.ts';
import { findIn } from './find.ts';

/** A way of reading and where in a text it is wanted: text.slice(start, end). */
export interface SayingAt {
  start: number;
  end: number;
  said: string;
}

/** What is written in capitals is met in capitals only, so that "US" is not "us". */
const placesOf = (text: string, { written }: Saying): { start: number; end: number }[] =>
  findIn(text, written.trim(), {
    matchCase: written.length > 1 && written === written.toUpperCase(),
    wholeWords: true,
  });

/** Those of a list that a text holds as whole words. */
export const sayingsIn = (text: string, says: readonly Saying[]): Saying[] =>
  says.length ? says.filter((s) => placesOf(text, s).length > 0) : [];

/** Where a text is read in a way of its own, in order; where two meet, the longer one. */
export function sayingsAt(text: string, says: readonly Saying[]): SayingAt[] {
  const all = says
    .flatMap((s) => placesOf(text, s).map((at) => ({ ...at, said: s.said.trim() })))
    .sort((a, b) => a.start - b.start || b.end - a.end);
  const out: SayingAt[] = [];
  for (const s of all) if (s.start >= (out.at(-1)?.end ?? 0)) out.push(s);
  return out;
}
