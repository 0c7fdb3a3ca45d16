import { assertNever } from '../assert-never.ts';
import { tokens } from './tokens.ts';

export const CASES = ['sentence', 'title', 'upper'] as const;
export type Case = (typeof CASES)[number];

/** Words that stay small inside a title, unless they begin or end it. */
const SMALL = new Set(
  'a an and as at but by for from if in into nor of on onto or over per so the to up via with yet vs'.split(
    ' ',
  ),
);

/**
 * A text in another case. Its length does not change, so that highlighted parts stay where they are: letters whose
 * capital is two letters (ß) stay small. sentence keeps words that have capitals of their own after the first letter.
 */
export function changeCase(text: string, to: Case): string {
  const upper = (c: string) => (c.toUpperCase().length === c.length ? c.toUpperCase() : c);
  const lower = (c: string) => (c.toLowerCase().length === c.length ? c.toLowerCase() : c);
  const each = (t: string, f: (c: string) => string) => [...t].map(f).join('');
  switch (to) {
    case 'upper':
      return each(text, upper);
    case 'title': {
      const words = tokens(text);
      let out = text;
      words.forEach((w, i) => {
        const edge = i === 0 || i === words.length - 1 || /[.!?:]\s*["“‘(]*$/.test(text.slice(0, w.start));
        const plain = isShout(text) ? each(w.text, lower) : w.text;
        const small = !edge && SMALL.has(plain.toLowerCase());
        // A word with capitals of its own after the first letter is written as its owner wants it.
        const own = !isShout(text) && /^\p{Ll}.*\p{Lu}/u.test(w.text);
        const next = own ? w.text : small ? each(plain, lower) : upper(plain[0] ?? '') + plain.slice(1);
        out = out.slice(0, w.start) + next + out.slice(w.end);
      });
      return out;
    }
    case 'sentence': {
      const shout = isShout(text);
      const words = tokens(text);
      const titled =
        words.length > 2 && words.filter((w) => /^\p{Lu}/u.test(w.text)).length > words.length * 0.6;
      let out = text;
      words.forEach((w, i) => {
        const first = i === 0 || /[.!?…]["”’)]*\s+["“‘(]*$/.test(text.slice(0, w.start));
        const own = !shout && /^.\P{Lu}*\p{Lu}/u.test(w.text);
        let next = w.text;
        if (shout || (titled && !own && w.text !== 'I')) next = each(w.text, lower);
        if (first) next = upper(next[0] ?? '') + next.slice(1);
        if (/^i(['’]\w+)?$/.test(next)) next = upper(next[0] ?? '') + next.slice(1);
        out = out.slice(0, w.start) + next + out.slice(w.end);
      });
      return out;
    }
    default:
      return assertNever(to);
  }
}

const isShout = (text: string): boolean => /\p{Lu}/u.test(text) && text === text.toUpperCase();
