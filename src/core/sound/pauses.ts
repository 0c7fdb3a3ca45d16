import type { Milliseconds } from '../time.ts';
import type { TakeWord } from '../timeline/types.ts';
import { joined } from './joined.ts';

/** Gaps between words that are shorter belong to the flow of speech. */
const PAUSE_MS = 90;
/** Half the length of the join where something was cut out. */
const JOIN_MS = 4;
/** Quieter than this under the loudest moment of a word, its sound is over. */
const OVER_DB = -42;
const STEP_MS = 5;

/**
 * Speech whose pauses between words last times as long; the words themselves stay as they are. samples: mono at `rate`.
 */
export function withPauses(
  samples: Float32Array,
  rate: number,
  words: readonly TakeWord[],
  times: number,
): { samples: Float32Array; words: TakeWord[] } {
  const at = (ms: Milliseconds) => Math.round((ms * rate) / 1000);
  const cuts: { from: number; to: number; length: number; word: number }[] = [];
  words.forEach((word, i) => {
    const next = words[i + 1];
    if (!next || next.startMs - word.endMs < PAUSE_MS || times === 1) return;
    const gap = at(next.startMs) - at(word.endMs);
    const change = Math.round(gap * (times - 1));
    const middle = at(word.endMs) + (gap >> 1);
    if (change > 0) cuts.push({ from: middle, to: middle, length: change, word: i });
    else cuts.push({ from: middle + (change >> 1), to: middle + (change >> 1) - change, length: 0, word: i });
  });
  const parts: Float32Array[] = [];
  let last = 0;
  for (const { from, to, length } of cuts) {
    parts.push(samples.slice(last, from), new Float32Array(length));
    last = to;
  }
  parts.push(samples.slice(last));
  const soft = at(JOIN_MS);
  for (const [i, part] of parts.entries()) {
    // Parts alternate with silences; where two meet, both are faded over the join.
    if (i % 2) continue;
    for (let k = 0; k < Math.min(soft, part.length); k++) {
      if (i > 0) part[k] = (part[k] as number) * (k / soft);
      if (i < parts.length - 1) {
        const end = part.length - 1 - k;
        part[end] = (part[end] as number) * (k / soft);
      }
    }
  }
  let shift = 0;
  let c = 0;
  const moved = words.map((w, i): TakeWord => {
    const now = { ...w, startMs: Math.round(w.startMs + shift), endMs: Math.round(w.endMs + shift) };
    const cut = cuts[c];
    if (cut && cut.word === i) {
      shift += ((cut.length - (cut.to - cut.from)) * 1000) / rate;
      c++;
    }
    return now;
  });
  return { samples: joined(parts), words: moved };
}

/**
 * Words that end where their sound does, for engines that only tell when words begin: a word of which nothing is heard any
 * more before the next one begins is over earlier. Times in milliseconds of `samples`, mono at `rate`.
 */
export function heardWords(samples: Float32Array, rate: number, words: readonly TakeWord[]): TakeWord[] {
  const step = Math.round((STEP_MS * rate) / 1000);
  const level = (from: number): number => {
    let m = 0;
    for (let i = from; i < from + step && i < samples.length; i++)
      m = Math.max(m, Math.abs(samples[i] as number));
    return m;
  };
  return words.map((w) => {
    const from = Math.round((w.startMs * rate) / 1000);
    const to = Math.round((w.endMs * rate) / 1000);
    const levels: number[] = [];
    for (let i = from; i < to; i += step) levels.push(level(i));
    const floor = Math.max(...levels, 0) * 10 ** (OVER_DB / 20);
    const last = levels.findLastIndex((l) => l > floor);
    if (last < 0) return w;
    return { ...w, endMs: Math.min(w.endMs, Math.round(w.startMs + (last + 1) * STEP_MS)) };
  });
}
