/** Abbreviations after which a full stop does not end a sentence: titles, ranks, parts of addresses, months, states in news. */
const ABBREVIATIONS = new Set(
  (
    'mr mrs ms dr prof st rev hon jr sr no nos vs e.g i.e etc approx dept est fig inc ltd co p pp vol a.m p.m mt ave rd blvd ' +
    'gen col lt sgt cpl pvt capt maj cmdr adm sen rep gov pres supt det insp messrs fr bros corp assn univ ' +
    'jan feb mar apr jun jul aug sep sept oct nov dec ' +
    'ala ariz ark calif colo conn del fla ga ill ind kan ky md mich minn miss mo mont neb nev okla ore pa tenn tex va wash wis wyo'
  ).split(' '),
);

/** Initials of a body or a country: "R.M.", "Ph.D." */
const INITIALISM = /^(?:\p{L}{1,2}\.)+\p{L}$/u;
/** Words with which a sentence begins after initials; anything else with a capital goes on: "the R.M. Senate". */
const STARTS =
  /^["“‘(\s]*(?:the|a|an|it|its|he|she|they|we|you|i|his|her|their|our|this|that|these|those|there|here|in|on|at|for|from|with|by|as|if|when|while|after|before|since|until|but|and|so|yet|or|not|no|all|some|many|most|one|two|what|who|why|how|where|last|now|then|both|each|every|another|more|nobody|everybody|somebody|people|few|later|today|yesterday|tomorrow|meanwhile|however)\b/i;

/**
 * Sentences of a paragraph, trimmed, in order; nothing but white space is lost. Boundaries are those of Unicode
 * (UAX #29), less the ones after abbreviations, initials and before lower-case words, and one more
 * after an ellipsis before a capital.
 */
export function sentences(paragraph: string, language = 'en'): string[] {
  const out: string[][] = [];
  let tail = '';
  for (const segment of segmentsOf(paragraph, language))
    for (const part of segment.split(/(?<=…["'”’)]{0,9}\s{1,9})(?=\p{Lu})/u)) {
      const last = out.at(-1);
      if (last !== undefined && !endsSentence(tail, part)) last.push(part);
      else {
        out.push([part]);
        tail = '';
      }
      // How a sentence ends is told by its last words, however long it is.
      tail = (tail + part).slice(-TAIL);
    }
  return out.map((parts) => parts.join('').replace(/\s+/g, ' ').trim()).filter(Boolean);
}

const TAIL = 120;
/** Letters that are segmented at once: the engine copies them for every segment. */
const WINDOW = 4000;
/** So many sentences in a window are not all left for the next one. */
const MANY = 500;

/** The sentences of UAX #29, white space included; in windows, so that the time does not grow with the square of the length. */
function* segmentsOf(text: string, language: string): Generator<string> {
  const segmenter = new Intl.Segmenter(language, { granularity: 'sentence' });
  let size = WINDOW;
  for (let start = 0; start < text.length; ) {
    const found: string[] = [];
    for (const { segment } of segmenter.segment(text.slice(start, start + size))) found.push(segment);
    // Whether the last one ends here is told by what follows, and so is the one before where no letter comes after it.
    if (start + size < text.length)
      while (found.length) if (/\p{L}/u.test(found.pop() ?? '') || found.length > MANY) break;
    if (!found.length) size *= 2;
    else {
      yield* found;
      start += found.reduce((n, s) => n + s.length, 0);
      size = WINDOW;
    }
  }
}

function endsSentence(before: string, after: string): boolean {
  const text = before.trimEnd();
  if (/^\s*\p{Ll}/u.test(after) && !/[.!?…]["'”’)\]]*$/u.test(text)) return false;
  if (/^\s*\p{Ll}/u.test(after) && /[!?…]["'”’)]+$/u.test(text)) return false;
  const word = /(?:^|[\s(“"'])([\p{L}.]+)\.$/u.exec(text)?.[1];
  if (word === undefined) return true;
  // "the key of A. When": a letter behind a small word names no person.
  if (/^\p{Lu}$/u.test(word)) return /(?:^|\s)\p{Ll}+\s\p{Lu}\.$/u.test(text) && STARTS.test(after);
  if (INITIALISM.test(word) && /^\p{Lu}/u.test(word) && !STARTS.test(after)) return false;
  return !ABBREVIATIONS.has(word.toLowerCase());
}

const CONJUNCTION =
  /^(and|but|because|which|so|while|when|where|although|though|or|until|unless|before|after|if|that|who|with|for)$/i;

/** How a long sentence is cut: lengths in characters. */
export const CLAUSES = { longest: 118, aim: 72, shortest: 24 } as const;

/**
 * Cuts a long sentence at clauses: after punctuation first, then before a conjunction, at a bare space only where
 * nothing else keeps the parts within CLAUSES.longest. Optimal for the sum of penalties (dynamic programming), so that
 * parts come out even. Joined with single spaces the parts give the sentence again.
 */
export function clauses(sentence: string): string[] {
  const text = sentence.trim();
  if (text.length <= CLAUSES.longest) return [text];
  const words = text.split(/\s+/);
  const ends: number[] = [];
  let at = -1;
  for (const w of words) {
    at += w.length + 1;
    ends.push(at);
  }
  const n = words.length;
  const cost = new Array<number>(n + 1).fill(Number.POSITIVE_INFINITY);
  const from = new Array<number>(n + 1).fill(0);
  cost[0] = 0;
  for (let j = 1; j <= n; j++)
    for (let i = j - 1; i >= 0; i--) {
      const length = (ends[j - 1] ?? 0) - (i > 0 ? (ends[i - 1] ?? 0) + 1 : 0);
      if (length > CLAUSES.longest && j - i > 1) break;
      const c =
        (cost[i] ?? 0) +
        ((length - CLAUSES.aim) / 40) ** 2 +
        (length < CLAUSES.shortest ? 4 : 0) +
        cutPenalty(words, j);
      if (c < (cost[j] ?? 0)) {
        cost[j] = c;
        from[j] = i;
      }
    }
  const out: string[] = [];
  for (let j = n; j > 0; j = from[j] ?? 0) out.unshift(words.slice(from[j], j).join(' '));
  return out;
}

function cutPenalty(words: string[], j: number): number {
  const before = words[j - 1] ?? '';
  const after = words[j];
  if (after === undefined) return 0;
  if (/[;:—–.!?]["'”’)]*$/.test(before) || /^[—–]/.test(after)) return 0.2;
  if (/,["'”’)]*$/.test(before)) return 0.5;
  return CONJUNCTION.test(after) ? 1.6 : 6;
}
