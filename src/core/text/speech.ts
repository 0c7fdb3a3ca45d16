import type { Saying } from '../piece/types.ts';
import { inEnglish } from './reading-english.ts';
import { sayingsAt } from './sayings.ts';
import { type Spell, withoutSymbols } from './spell.ts';

/** A word as the voice gets it, and where it stands in the text: text.slice(start, end). */
export interface SpeechForm {
  form: string;
  start: number;
  end: number;
}

/** The longest word that is spoken whole; an engine must not be handed more. */
export const LONGEST_WORD = 40;

/**
 * A text as the words that a voice is given, each with its place. Words that are read in a way of their own come first;
 * the rest is written out as its language wants it. A word that has no sound gives none.
 */
export function speechForms(text: string, language = 'en', says: readonly Saying[] = []): SpeechForm[] {
  const spell: Spell = language === 'en' ? inEnglish : asItStands;
  const own = sayingsAt(text, says);
  const words = [...text.matchAll(/\S+/g)].map((m) => ({
    word: m[0],
    start: m.index,
    end: m.index + m[0].length,
  }));
  return words.flatMap(({ word, start, end }, i): SpeechForm[] => {
    const here = own.find((s) => s.start < end && s.end > start);
    const written = here
      ? here.start >= start
        ? `${here.said}${/^\S*/.exec(text.slice(here.end))?.[0] ?? ''}`
        : ''
      : spell(word, words[i - 1]?.word ?? '', words[i + 1]?.word ?? '');
    const whole = here ? { start, end: Math.max(end, here.end) } : { start, end };
    return written
      .split(/\s+/)
      .filter((f) => /[\p{L}\p{N}]/u.test(f))
      .map((form) => ({ form: form.slice(0, LONGEST_WORD), ...whole }));
  });
}

/** A word for a voice that reads its own language's numbers and signs: without what has no sound. */
const asItStands: Spell = (word) =>
  withoutSymbols(word)
    .replace(/[#_]/g, ' ')
    .replace(/["“”„«»()[\]{}<>*|\\^=`~]/g, ' ')
    .replace(/[—–]+/g, ', ')
    .trim();

/** Forms in runs that an engine takes at once: sentences together up to so many letters. */
export function speechRuns(forms: readonly SpeechForm[], longest = 360): SpeechForm[][] {
  const out: SpeechForm[][] = [];
  let run: SpeechForm[] = [];
  let length = 0;
  let lastStop = -1;
  for (const f of forms) {
    run.push(f);
    length += f.form.length + 1;
    if (/[.!?।。]$/.test(f.form)) lastStop = run.length;
    if (length > longest) {
      const at = lastStop > 0 ? lastStop : run.length;
      out.push(run.slice(0, at));
      run = run.slice(at);
      length = run.reduce((n, r) => n + r.form.length + 1, 0);
      lastStop = -1;
    }
  }
  if (run.length) out.push(run);
  return out;
}
