import { has } from '../../source/reasons.ts';
import { type Passage, type SentenceNote, type Source, sentencesOf } from '../../source/types.ts';
import { estimateSpeech } from '../../text/reading.ts';
import type { Milliseconds } from '../../time.ts';
import { WEIGH } from './condense.ts';
import { cosine, weighWords } from './vectors.ts';

interface Analysed {
  id: string;
  /** Place in the source. */
  order: number;
  text: string;
  /** The sentence before it in the same passage; null for the first. */
  previous: string | null;
  passage: Passage;
  /** Stems of its content words, with tf-isf weights; unit length. */
  vector: Map<string, number>;
}

/** Worked out once a text: choosing again for another length begins here. */
const analysed = new WeakMap<readonly Passage[], Analysed[]>();

function analyse(source: Source): Analysed[] {
  const known = analysed.get(source.passages);
  if (known) return known;
  const all = sentencesOf(source);
  const vectors = weighWords(all.map((a) => a.sentence.text));
  const out = all.map(
    ({ sentence, passage, index }, order): Analysed => ({
      ...sentence,
      order,
      previous: passage.sentences[index - 1]?.id ?? null,
      passage,
      vector: vectors[order] ?? new Map(),
    }),
  );
  analysed.set(source.passages, out);
  return out;
}

export interface ChooseOptions {
  /** How long the piece may be. */
  targetMs: Milliseconds;
  /** The voice says the short line, or the whole sentence. */
  speak: 'line' | 'sentence';
  pace: number;
  /** Sentences that the writer pulled in, and threw out. */
  keep: readonly string[];
  drop: readonly string[];
  /** Added to every scene, and once to the whole. */
  perSceneMs: Milliseconds;
  onceMs: Milliseconds;
}

/** Weights of the choice of a set: what is taken off for saying a thing twice, and added for new ground. */
const CHOICE = {
  repetition: 0.55,
  newPassage: 0.05,
  /** How much a long sentence pays for its length in the first round: 0 not at all, 1 in full. */
  costPower: 0.2,
  /** Once less than the second share of the time is left, what gains less than the first share of the best is left out. */
  worthwhile: 0.36,
  filled: 0.12,
  /** Two sentences closer than this say the same. */
  same: 0.6,
  /** The set may be so much longer than the target. */
  over: 1.04,
  /** The opening line is looked for in this share of the text. */
  openingShare: 0.5,
} as const;

/** How long a sentence takes in the piece. */
export function sentenceMs(
  note: SentenceNote,
  options: Pick<ChooseOptions, 'speak' | 'pace' | 'perSceneMs'>,
): Milliseconds {
  return (
    estimateSpeech(options.speak === 'line' ? note.line : note.spoken, options.pace) + options.perSceneMs
  );
}

/**
 * Chooses sentences for a length: greedily by gain for the time they take, where the gain is the score less what the
 * chosen ones say already, plus a little for a new part of the text (the cost-scaled greedy of Lin and Bilmes, 2011),
 * then improved by single exchanges. Gives ids: the opening line first, the rest in the order of the source.
 */
export function chooseSentences(source: Source, options: ChooseOptions): string[] {
  const notes = source.sentences;
  const drop = new Set(options.drop);
  const all = analyse(source);
  const ms = (a: Analysed) => sentenceMs(notes[a.id] as SentenceNote, options);
  const able = all.filter(
    (a) =>
      notes[a.id] &&
      a.passage.kind !== 'heading' &&
      !drop.has(a.id) &&
      !has(notes[a.id]?.reasons, 'cannot-stand') &&
      (notes[a.id]?.line.length ?? 0) >= 12,
  );
  const chosen = all.filter((a) => options.keep.includes(a.id) && notes[a.id]);
  const room = options.targetMs * CHOICE.over - options.onceMs;
  const spent = () => chosen.reduce((s, a) => s + ms(a), 0);
  const opening = pickOpening(able, notes, options.keep);
  if (
    opening &&
    !chosen.some((a) => a.id === opening.id) &&
    spent() + ms(opening) <= Math.max(room, ms(opening))
  )
    chosen.push(opening);
  const leans = (a: Analysed) => has(notes[a.id]?.reasons, 'leans');
  const gain = (a: Analysed, set: readonly Analysed[]): number => {
    const near = set.reduce((m, c) => (c.id === a.id ? m : Math.max(m, cosine(a.vector, c.vector))), 0);
    // Lines of a song may hold nothing but small words: these are compared as they stand.
    const again = set.some((c) => c.id !== a.id && notes[c.id]?.line === notes[a.id]?.line);
    if (near > CHOICE.same || again) return -1;
    const fresh = set.some((c) => c.passage === a.passage && c.id !== a.id) ? 0 : CHOICE.newPassage;
    // A sentence that leans is said only when the one before it is there.
    const carried = a.previous !== null && leans(a) && set.some((c) => c.id === a.previous);
    if (leans(a) && !carried) return -1;
    const score = (notes[a.id]?.score ?? 0) / (carried ? WEIGH.leaning : 1);
    return score - CHOICE.repetition * near + fresh;
  };
  const worthwhile = CHOICE.worthwhile * able.reduce((m, a) => Math.max(m, notes[a.id]?.score ?? 0), 0);
  for (;;) {
    const left = room - spent();
    let best: Analysed | null = null;
    let value = 0;
    for (const a of able) {
      if (chosen.some((c) => c.id === a.id) || ms(a) > left) continue;
      if (left < CHOICE.filled * room && gain(a, chosen) < worthwhile) continue;
      const v = gain(a, chosen) / ms(a) ** CHOICE.costPower;
      if (v > value + 1e-12) {
        value = v;
        best = a;
      }
    }
    if (!best) break;
    chosen.push(best);
  }
  for (let round = 0; round < 3; round++) {
    let changed = false;
    for (let k = 0; k < chosen.length; k++) {
      const old = chosen[k] as Analysed;
      if (options.keep.includes(old.id) || old.id === opening?.id) continue;
      if (chosen.some((c) => c.previous === old.id && leans(c))) continue;
      const rest = chosen.filter((c) => c !== old);
      const left = room - rest.reduce((s, a) => s + ms(a), 0);
      let best = old;
      let value = gain(old, rest);
      for (const a of able) {
        if (ms(a) > left || chosen.some((c) => c.id === a.id)) continue;
        const v = gain(a, rest);
        if (v > value + 1e-9) {
          value = v;
          best = a;
        }
      }
      if (best !== old) {
        chosen[k] = best;
        changed = true;
      }
    }
    if (!changed) break;
  }
  const inOrder = [...new Set(chosen)].sort((a, b) => a.order - b.order).map((a) => a.id);
  if (!opening || !inOrder.includes(opening.id)) return inOrder;
  // What leans on the opening line goes with it.
  const first = [opening.id];
  for (;;) {
    const next = chosen.find((a) => a.previous === first.at(-1) && leans(a) && !first.includes(a.id));
    if (!next) break;
    first.push(next.id);
  }
  return [...first, ...inOrder.filter((id) => !first.includes(id))];
}

/**
 * The line that opens: a question asked early in the text, or else its strongest fact: the best sentence with a figure
 * or a name that stands alone and fits on one line, the first of all with a start.
 */
function pickOpening(
  able: readonly Analysed[],
  notes: Source['sentences'],
  keep: readonly string[],
): Analysed | null {
  if (!able.length) return null;
  const until = Math.max(6, able.length * CHOICE.openingShare);
  const early = able.slice(0, until);
  const note = (a: Analysed) => notes[a.id] as SentenceNote;
  const question = able
    .slice(0, Math.max(3, able.length * 0.12))
    .find((a) => /\?["”’)]*$/.test(a.text) && !has(note(a).reasons, 'too-long') && a.passage.kind === 'text');
  if (question) return question;
  const lead = able.find((a) => a.passage.kind === 'text')?.order;
  const alone = (a: Analysed) => !has(note(a).reasons, 'leans') && !has(note(a).reasons, 'too-long');
  const strength = (a: Analysed) =>
    note(a).score +
    (has(note(a).reasons, 'figure') ? 0.12 : 0) +
    (note(a).line.length <= 64 ? 0.06 : 0) +
    // Whoever wrote it began with what matters.
    (a.order === lead ? 0.1 : 0) -
    (has(note(a).reasons, 'said') ? 0.12 : 0) +
    (keep.includes(a.id) ? 0.01 : 0);
  const ranked = early.filter((a) => alone(a) && a.passage.kind !== 'table');
  const pool = ranked.length ? ranked : early;
  return pool.reduce((best, a) => (strength(a) > strength(best) + 1e-12 ? a : best));
}
