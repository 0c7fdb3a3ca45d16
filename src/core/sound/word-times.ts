import { type Frames, msToFrames } from '../time.ts';
import type { TakeWord } from '../timeline/types.ts';

/** When each shown word is said: scene-local frames [start, end). */
export type WordTimes = { start: Frames; end: Frames }[];

/** A word counts as said until the next one, over a pause of at most so many frames. */
const LONGEST_GAP: Frames = 15;

const plain = (s: string): string =>
  s
    .toLowerCase()
    .normalize('NFD')
    .replace(/[^\p{L}\p{N}]/gu, '');

/** Whether a voice says none of the words that are shown, or a few by chance: fewer than half of them. */
export function saysOthers(words: readonly { text: string }[], spoken: string): boolean {
  const said = spoken.split(/\s+/).map(plain);
  const same = pairWords(
    words.map((w) => plain(w.text)),
    said,
  ).filter((j) => j >= 0);
  return same.length * 2 < words.length;
}

/**
 * Times of the shown words from those of the spoken ones. Equal words are paired in order (longest common
 * subsequence); what has no partner is spread evenly between its neighbours. words: the shown ones as they are set.
 */
export function timeWords(
  words: readonly { text: string }[],
  spoken: string,
  take: readonly TakeWord[],
  voiceStart: Frames,
  voiceEnd: Frames,
): WordTimes {
  const a = words.map((w) => plain(w.text));
  const b = take.map((w) => plain(spoken.slice(w.start, w.end)));
  const pair = pairWords(a, b);
  const known = pair.map((j) => {
    const w = j >= 0 ? take[j] : undefined;
    return w ? { start: voiceStart + msToFrames(w.startMs), end: voiceStart + msToFrames(w.endMs) } : null;
  });
  const out: WordTimes = [];
  for (let i = 0; i < words.length; i++) {
    const k = known[i];
    if (k) {
      out.push({ ...k });
      continue;
    }
    let j = i;
    while (j < words.length && !known[j]) j++;
    const start = out[i - 1]?.end ?? voiceStart;
    const end = Math.max(start, known[j]?.start ?? voiceEnd);
    const letters = words.slice(i, j).map((w) => w.text.length + 1);
    const sum = letters.reduce((x, y) => x + y, 0);
    let t = start;
    for (const n of letters) {
      const until = t + ((end - start) * n) / sum;
      out.push({ start: Math.round(t), end: Math.round(until) });
      t = until;
    }
    i = j - 1;
  }
  for (let i = 0; i < out.length; i++) {
    const [me, next] = [out[i], out[i + 1]];
    if (me && next) me.end = Math.max(me.start + 1, next.start - me.end > LONGEST_GAP ? me.end : next.start);
    else if (me) me.end = Math.max(me.start + 1, me.end);
  }
  return out;
}

function pairWords(a: string[], b: string[]): number[] {
  if (a.length === b.length && a.every((w, i) => w === b[i])) return a.map((_, i) => i);
  const n = a.length;
  const m = b.length;
  const t = Array.from({ length: n + 1 }, () => new Uint16Array(m + 1));
  for (let i = n - 1; i >= 0; i--)
    for (let j = m - 1; j >= 0; j--)
      (t[i] as Uint16Array)[j] =
        a[i] && a[i] === b[j]
          ? (t[i + 1]?.[j + 1] ?? 0) + 1
          : Math.max(t[i + 1]?.[j] ?? 0, t[i]?.[j + 1] ?? 0);
  const out = new Array<number>(n).fill(-1);
  for (let i = 0, j = 0; i < n && j < m; ) {
    if (a[i] && a[i] === b[j]) out[i++] = j++;
    else if ((t[i + 1]?.[j] ?? 0) >= (t[i]?.[j + 1] ?? 0)) i++;
    else j++;
  }
  return out;
}
