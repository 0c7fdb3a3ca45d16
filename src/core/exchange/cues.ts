import { breakable, inLine } from '../look/typeset/lines.ts';
import { spokenIn } from '../piece/translate.ts';
import { type Piece, spokenOf } from '../piece/types.ts';
import { type Milliseconds, samplesToMs } from '../time.ts';
import type { Facts, TakeWord, Timeline } from '../timeline/types.ts';

/** A word of a cue, and when it is said in the piece. */
interface CueWord {
  text: string;
  /** No space stands before it: it is part of a run of a script that has none. */
  joined: boolean;
  startMs: Milliseconds;
  endMs: Milliseconds;
}

/** What is read at once while something is said: one or two lines. */
export interface Cue {
  startMs: Milliseconds;
  endMs: Milliseconds;
  lines: string[];
  words: CueWord[];
  /** Who says it; null for nobody in particular. */
  speaker: string | null;
}

/**
 * How cues are cut: letters of a line and lines; times in milliseconds; letters a second that a reader keeps up with
 * (as broadcasters usually ask for: two lines of about 40 letters, one to seven seconds, 12 to 20 letters a second).
 */
const CUES = {
  letters: { wide: 42, tall: 30 },
  lines: 2,
  leastMs: 1000,
  mostMs: 7000,
  lettersASecond: 18,
  gapMs: 80,
  /** Over a shorter gap one cue lasts until the next. */
  bridgeMs: 400,
  /** A pause in which a cue ends. */
  pauseMs: 450,
} as const;

/** What it costs to end a cue or a line after a word: the better the place, the less. */
const BREAKS = { sentence: 0, clause: 1, comma: 2, beforeLink: 4, anywhere: 7, inName: 12 } as const;
/** Words that belong to what follows them. */
const LINKS = new Set(
  'and or but so because that which who when while where if than as to of in on at by for with from into over under after before the a an'.split(
    ' ',
  ),
);

/**
 * The cues of a piece: what is said, in phrases, with the times of the words. Without a take the words are spread over the
 * estimated time. language: of the words, which then are spread over the time of the voice; null as they are said. What is not
 * translated stays as it is said.
 */
export function cuesOf(
  piece: Piece,
  timeline: Timeline,
  facts: Pick<Facts, 'takes'>,
  language: string | null = null,
): Cue[] {
  const most = timeline.width < timeline.height ? CUES.letters.tall : CUES.letters.wide;
  const cues = piece.scenes.flatMap((scene, i): Cue[] => {
    const at = timeline.scenes[i];
    const translated = language === null ? null : spokenIn(scene, language);
    const text = (translated ?? spokenOf(scene)).replace(/\s+/g, ' ').trim();
    if (!at?.voice || !text) return [];
    const startMs = Math.round(samplesToMs(at.voice.start));
    const words = wordsOf(
      text,
      translated === null ? (facts.takes[at.voice.key]?.words ?? []) : [],
      startMs,
      samplesToMs(at.voice.samples),
    );
    return phrases(words, most).map((part) => ({
      startMs: part[0]?.startMs ?? startMs,
      endMs: part.at(-1)?.endMs ?? startMs,
      lines: linesOf(part, most),
      words: part,
      speaker: scene.speaker,
    }));
  });
  return timed(cues);
}

/** The words of a text as they are written, each with its time; those that have none share the time between their neighbours. */
function wordsOf(
  text: string,
  take: readonly TakeWord[],
  startMs: Milliseconds,
  lengthMs: Milliseconds,
): CueWord[] {
  const written = [...text.matchAll(/\S+/g)].flatMap((run) => {
    let start = run.index;
    return breakable(run[0]).map((part, i) => {
      const from = start;
      start += part.length;
      return { text: part, joined: i > 0, said: take.find((w) => w.start < start && w.end > from) };
    });
  });
  const out: CueWord[] = [];
  for (let i = 0; i < written.length; i++) {
    const { text, joined, said } = written[i] as (typeof written)[number];
    if (said) {
      out.push({ text, joined, startMs: startMs + said.startMs, endMs: startMs + said.endMs });
      continue;
    }
    let j = i;
    while (j < written.length && !written[j]?.said) j++;
    const from = out.at(-1)?.endMs ?? startMs;
    const to = Math.max(from, startMs + (written[j]?.said?.startMs ?? lengthMs));
    const group = written.slice(i, j);
    const letters = group.reduce((n, w) => n + w.text.length, 0);
    let t = from;
    for (const w of group) {
      const until = t + ((to - from) * w.text.length) / letters;
      out.push({ text: w.text, joined: w.joined, startMs: Math.round(t), endMs: Math.round(until) });
      t = until;
    }
    i = j - 1;
  }
  return out;
}

/** Signs that are as wide as two letters. */
const FULL_WIDTH = /[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}\p{Script=Hangul}、。「」！？]/gu;

/** How wide a text is, in letters. */
const widthOf = (text: string): number => text.length + (text.match(FULL_WIDTH)?.length ?? 0);

const lettersOf = (words: readonly CueWord[]): number => widthOf(inLine(words));

/** How well a cue may end after a word. */
function breakCost(word: CueWord, next: CueWord | undefined): number {
  if (!next || /[.!?…。！？]["'”’)」]*$/.test(word.text)) return BREAKS.sentence;
  if (/[;:–—]["'”’)]*$/.test(word.text)) return BREAKS.clause;
  if (/[,、，]["'”’)]*$/.test(word.text)) return BREAKS.comma;
  const bare = (w: CueWord) => w.text.toLowerCase().replace(/[^\p{L}']/gu, '');
  if (LINKS.has(bare(word))) return BREAKS.inName;
  if (/^\p{Lu}/u.test(word.text) && /^\p{Lu}/u.test(next.text)) return BREAKS.inName;
  return LINKS.has(bare(next)) ? BREAKS.beforeLink : BREAKS.anywhere;
}

/**
 * Cuts words into cues so that the whole costs least: each cue fits its lines, ends at a good place, and is neither short nor
 * ragged (dynamic programming over the places between words, as Knuth and Plass break paragraphs, 1981).
 */
function phrases(words: readonly CueWord[], mostLetters: number): CueWord[][] {
  const n = words.length;
  const best = new Array<number>(n + 1).fill(Number.POSITIVE_INFINITY);
  const from = new Array<number>(n + 1).fill(0);
  best[0] = 0;
  for (let end = 1; end <= n; end++)
    for (let start = end - 1; start >= 0; start--) {
      const part = words.slice(start, end);
      if (part.length > 1 && (lettersOf(part) > CUES.lines * mostLetters || lasts(part) > CUES.mostMs)) break;
      const cost = (best[start] as number) + costOf(part, words[end], mostLetters);
      if (cost < (best[end] as number)) [best[end], from[end]] = [cost, start];
    }
  const out: CueWord[][] = [];
  for (let end = n; end > 0; end = from[end] as number) out.unshift(words.slice(from[end] as number, end));
  return out;
}

const lasts = (words: readonly CueWord[]): Milliseconds =>
  (words.at(-1)?.endMs ?? 0) - (words[0]?.startMs ?? 0);

function costOf(part: readonly CueWord[], next: CueWord | undefined, mostLetters: number): number {
  const last = part.at(-1) as CueWord;
  const fits = linesOf(part, mostLetters).every((l) => widthOf(l) <= mostLetters);
  const pausesInside = part
    .slice(1)
    .filter((w, i) => w.startMs - (part[i] as CueWord).endMs > CUES.pauseMs).length;
  const sentencesInside = part
    .slice(0, -1)
    .filter((w, i) => breakCost(w, part[i + 1]) === BREAKS.sentence).length;
  return (
    3 +
    breakCost(last, next) +
    (fits ? 0 : 20) +
    (lasts(part) < CUES.leastMs && next ? 4 : 0) +
    2.5 * pausesInside +
    3 * sentencesInside
  );
}

/** One line when it fits, otherwise two: about alike, and broken at a good place. */
function linesOf(words: readonly CueWord[], mostLetters: number): string[] {
  if (lettersOf(words) <= mostLetters || words.length < 2) return [inLine(words)];
  let best = { at: 1, cost: Number.POSITIVE_INFINITY };
  for (let at = 1; at < words.length; at++) {
    const [a, b] = [lettersOf(words.slice(0, at)), lettersOf(words.slice(at))];
    const over = Math.max(0, a - mostLetters) + Math.max(0, b - mostLetters);
    const cost = over * 20 + Math.abs(a - b) / 3 + breakCost(words[at - 1] as CueWord, words[at]);
    if (cost < best.cost) best = { at, cost };
  }
  return [inLine(words.slice(0, best.at)), inLine(words.slice(best.at))];
}

/** Cues last long enough to be read where there is time, and never meet the next one. */
function timed(cues: readonly Cue[]): Cue[] {
  return cues.map((cue, i) => {
    const next = cues[i + 1]?.startMs ?? Number.POSITIVE_INFINITY;
    const letters = widthOf(cue.lines.join(' '));
    const read = cue.startMs + Math.max(CUES.leastMs, (letters * 1000) / CUES.lettersASecond);
    const wanted = Math.max(cue.endMs, Math.min(read, cue.endMs + CUES.leastMs));
    const endMs = next - wanted < CUES.bridgeMs ? Math.max(cue.endMs, next - CUES.gapMs) : wanted;
    return { ...cue, endMs: Math.round(Math.min(endMs, Math.max(cue.startMs + 1, next))) };
  });
}
