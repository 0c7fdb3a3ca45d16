import { missingQuotes } from '../../text/quotes.ts';
import { BINDING, type Cut, type CutKind, cutsOf } from './cuts.ts';
import { saysSomething, type Term, terms } from './grammar.ts';

export const LINE = {
  /** The longest line on the screen, characters. */
  longest: 90,
  /** The longest sentence that is spoken as it stands, characters. */
  spoken: 170,
  /** A line has at least so many words. */
  leastWords: 3,
} as const;

/** All subsets of so many parts are tried. */
const MOST_CUTS = 13;
/** Letters that a sentence loses by being tidied, at most: signs and spaces at each of the cuts. */
const TIDIED = MOST_CUTS * 4;

/** What became of a sentence. */
export interface Shortened {
  text: string;
  /** What was dropped. */
  dropped: (CutKind | 'rest')[];
  /** Something of it is missing that an ellipsis stands for: the rest of it, or a part of a quotation. */
  brokenOff: boolean;
}

/**
 * Makes a sentence short enough by leaving parts out; no word is changed or moved. Parts that may go are asides,
 * attributions, clauses that hang on, and fillers; of all choices that leave a whole sentence the one that loses least
 * is taken. A part with a negation or a condition never goes, nor does the only finite verb. Where nothing fits, the
 * text is broken off before a clause and ends with an ellipsis. Other languages than English lose brackets and
 * dashes only.
 */
export function shorten(sentence: string, longest: number = LINE.longest, language = 'en'): Shortened {
  const text = sentence.replace(/\s+/g, ' ').trim();
  if (text.length <= longest) return { text, dropped: [], brokenOff: false };
  const words = language.startsWith('en') ? terms(text) : [];
  const cuts = cutsOf(text, words, MOST_CUTS);
  let best: { text: string; cost: number; used: Cut[] } | null = null;
  for (let mask = 1; mask < 1 << cuts.length; mask++) {
    const used = cuts.filter((_, i) => mask & (1 << i));
    const cost = used.reduce((sum, c) => sum + c.cost, 0);
    if (best && cost >= best.cost) continue;
    // Tidying takes a few letters more; where whole parts are missing it cannot help.
    const gone = used.reduce((sum, c) => sum + c.end - c.start, 0);
    if (text.length - gone > longest + TIDIED) continue;
    const left = leave(text, used);
    if (left.length > longest || !holds(left, words, used)) continue;
    best = { text: left, cost, used };
  }
  if (best)
    return {
      text: best.text,
      dropped: [...new Set(best.used.map((c) => c.why))],
      brokenOff: best.text.includes('…') && !text.includes('…'),
    };
  return breakOff(text, longest, cuts, words, language);
}

/** The text without the cuts, tidied: spaces, commas, a capital first, its own full stop last. */
function leave(text: string, cuts: readonly Cut[]): string {
  let out = '';
  for (let i = 0; i < text.length; i++) {
    const cut = cuts.find((c) => i >= c.start && i < c.end);
    if (!cut) out += text[i];
    else if (i === cut.start) out += cut.put ?? '';
  }
  out = out
    .replace(/\s+/g, ' ')
    .replace(/ ([,;:.!?…])/g, '$1')
    .replace(/([,;:])(?:\s*[,;:])+/g, '$1')
    .replace(/^[\s,;:–—]+/, '')
    .replace(/[\s,;:–—]+([.!?…]+["”’)]*)$/, '$1')
    .trim();
  const end = /[.!?…]+["”’)]*$/.exec(text)?.[0];
  if (end && !/[.!?…]["”’)]*$/.test(out)) {
    const quoted = /,?(["”])$/.exec(out);
    out = quoted
      ? `${out.slice(0, quoted.index)}.${quoted[1]}`
      : out.replace(/[,;:]$/, '') + (/^[.!?…]+/.exec(end)?.[0] ?? '.');
  }
  return out
    .replace(/(\p{L}\.)\.$/u, '$1')
    .replace(/,(["”])$/, '.$1')
    .replace(/\s*…\s*[.,]?(?=["”])/, ' …')
    .replace(/^(["“‘(]?)(\p{Ll})/u, (_, q: string, c: string) => q + c.toUpperCase());
}

/** Whether what is left is still a sentence: whole quotations, enough words, and a finite verb if there was one. */
function holds(left: string, words: readonly Term[], cuts: readonly Cut[]): boolean {
  if (left.split(' ').length < LINE.leastWords) return false;
  const count = (s: string, c: string) => s.split(c).length - 1;
  const { before, after } = missingQuotes(left);
  if (before || after || count(left, '"') % 2 === 1) return false;
  if (count(left, '(') !== count(left, ')')) return false;
  if (
    /\b(and|or|but|of|the|a|an|to|with|for|in|on|at|by|from|that|which|who|as|than|against|until|since|because|during|into|over|under|between|about|per|via|how|whose|where|when|while|if|--|(?<!\bany )more|less)[.!?…]?["”’)]*$/i.test(
      left,
    )
  )
    return false;
  // What was said of it is gone: "The reason is.", "One was so ill.", "the 8."
  const last = words.at(-1);
  const whole = last !== undefined && !cuts.some((c) => c.start < last.end && c.end > last.start);
  if (!whole && BARE_END.test(left)) return false;
  if (/^(and|or|but|so|yet|nor)\b/i.test(left) && !/^(and|or|but|so|yet|nor)\b/i.test(words[0]?.text ?? ''))
    return false;
  if (!words.length) return true;
  const kept = words.filter((w) => !cuts.some((c) => w.start < c.end && w.end > c.start));
  if (/\?["”’)]*$/.test(left)) return kept.some((w) => w.finite);
  return !words.some((w) => w.finite) || saysSomething(kept) || kept.some((w) => w.finite && w === kept[0]);
}

/** What cannot end a sentence: forms of to be and helping verbs, a degree, a number that counts nothing, a hyphen, three dots. */
const BARE_END =
  /(?:\b(?:is|are|was|were|be|been|being|am|has|have|had|does|did|do|will|would|can|could|may|might|shall|should|must|very|too|such|so|quite|called|not|just|even)|\b(?:so|too|as|how|both|between|what) \p{L}+|\b(?:the|a|an) [\d-]+|\p{L}(?:-|\.\.\.|…))[.!?]?["”’)]*$/iu;

/** Words that belong to what comes after them, by language. */
const LOOSE: Record<string, string> = {
  en: 'and or but then as of the a an to with for in on at by from that which who than more less against until is are was were be been',
  de: 'und oder aber der die das den dem des ein eine einen einem einer eines mit für von zu zum zur im in am an auf bei aus nach vor über unter dass die ist sind war sehr',
  fr: 'et ou mais le la les un une des de du à au aux pour par sur dans avec sans en que qui dont où est sont très ce cette ces son sa ses',
  es: 'y o pero el la los las un una unos unas de del a al para por con en que quien es son muy su sus',
  it: 'e o ma il lo la i gli le un uno una di del della dei a al alla per con in su che chi è sono molto',
  nl: 'en of maar de het een van voor met op in aan bij uit naar dat die is zijn zeer',
  pt: 'e ou mas o a os as um uma de do da dos das para por com em no na que é são muito',
};
/** Words before which a sentence may be broken off; in other languages before any that belongs to what follows. */
const BEFORE =
  'and or but because which who that while when where before after to for with in on at from by of as';
const breaksIn = (language: string): RegExp => {
  const words = language.startsWith('en') ? BEFORE : (LOOSE[language.slice(0, 2)] ?? BEFORE);
  return new RegExp(`[,;:]\\s|\\s[–—]\\s|\\s(?=(?:${words.replaceAll(' ', '|')})\\s)`, 'g');
};
const looseEnd = (language: string): RegExp =>
  new RegExp(`(?:[\\s,]+(?:${(LOOSE[language.slice(0, 2)] ?? LOOSE.en ?? '').replaceAll(' ', '|')}))+$`, 'i');

/** The longest beginning that ends before a clause or phrase, with an ellipsis. */
function breakOff(
  text: string,
  longest: number,
  cuts: readonly Cut[],
  words: readonly Term[],
  language: string,
): Shortened {
  const first = cuts.find(
    (c) =>
      c.cost < 1.4 &&
      (c.end < text.length - 1 || c.why === 'attribution') &&
      holds(leave(text, [c]), words, [c]),
  );
  const base = first ? leave(text, [first]) : text;
  const dropped = first ? [first.why] : [];
  if (base.length <= longest) return { text: base, dropped, brokenOff: false };
  const room = longest - 2;
  const ends = [...base.matchAll(breaksIn(language))].map((m) => m.index);
  const fitting = ends.filter((e) => e <= room && e > room * 0.45);
  const whole = fitting.filter((e) => !BINDING.test(base.slice(e)));
  // What stays says something, if it can.
  const says = (ends: readonly number[]) =>
    ends.findLast((e) => !words.length || saysSomething(terms(base.slice(0, e))));
  const at =
    says(whole) ?? says(fitting) ?? (whole.length ? whole : fitting).at(-1) ?? base.lastIndexOf(' ', room);
  const head = base
    .slice(0, at > 0 ? at : room)
    .replace(/[\s,;:–—-]+$/, '')
    .replace(looseEnd(language), '');
  return { text: `${head} …${missingQuotes(head).after}`, dropped: [...dropped, 'rest'], brokenOff: true };
}
