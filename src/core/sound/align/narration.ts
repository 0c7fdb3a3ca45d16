import type { Milliseconds } from '../../time.ts';
import { joined } from '../joined.ts';
import { FEATURE_RATE } from '../mel.ts';
import { adapted } from './adapt.ts';
import { type Heard, HOP_MS, heard, picked, type Said, SILENCE } from './align.ts';
import { features } from './features.ts';
import { COARSE, distances, pooled, type Row } from './warp.ts';

/** A line as a voice says it: mono at 16 kHz, with the times of its words. */
export interface ReferenceLine {
  samples: Float32Array;
  words: readonly Said[];
}

/** Where a line is heard in a recording. */
interface HeardLine {
  startMs: Milliseconds;
  endMs: Milliseconds;
  /** It sounds unlike its words: something else may be said there. */
  doubtful: boolean;
}

/** What was found: each line where it is heard, null where it was left out; and stretches that no line stands for. */
export interface FoundLines {
  lines: (HeardLine | null)[];
  added: Said[];
}

const PAUSE_MS = 300;
/** What a part has of the pauses before its first word and after its last one, at most. */
const MARGIN_MS = { before: 240, after: 260 } as const;

/**
 * What it costs to leave out a frame of a line, or to have one in the recording that no line stands for, against what lines
 * cost that are said; and what each such thing costs at once, in frames. Below it a line that is spoken differently would be
 * taken as left out.
 */
const COSTS = { leftOut: 0.3, added: 1.05, once: 3 } as const;
/** A line that costs so much more than the others is doubtful. */
const DOUBTFUL = 1.2;
/** Speech that no line stands for is told from so long on. */
const LEAST_ADDED_MS = 700;
/** So far round where one line ends and the next begins the pause between them is looked for. */
const BORDER_MS = 320;
/** Frames of speech that are no word of a line yet, or none any more. */
const TAIL_FRAMES = 9;

/**
 * Finds lines in one long recording of them, in their order, by warping (warp.ts) in which lines may be left out and
 * passages may be added, at a price that is set by how well the lines fit that are said. Pure. recording: mono at 16 kHz.
 */
export function findLines(lines: readonly ReferenceLine[], recording: Float32Array): FoundLines {
  const { samples, spans } = inARow(lines);
  if (!spans.length || !recording.length) return { lines: lines.map(() => null), added: [] };
  const a = heard(features(samples));
  const b = heard(features(recording));
  const { row, ranges } = withPauses(a, spans);
  const rows = { a: row, b: pooled(picked(b)) };
  // First every line is taken as said; from what that matches it is learned how this voice differs from the reference.
  const { pairs } = track(rows, ranges, null);
  const near = adapted(rows.a, rows.b, pairs);
  const usual = median(ranges.map((range) => costOf(near, pairs, range)));
  const { tracks } = track(near, ranges, usual);
  const placed = place(b, tracks);
  const out: (HeardLine | null)[] = lines.map(() => null);
  const mean = median(tracks.flatMap((t) => (t ? [t.cost] : [])));
  spans.forEach(({ line }, k) => {
    const [at, t] = [placed[k], tracks[k]];
    if (at && t) out[line] = { ...at, doubtful: t.cost > mean * DOUBTFUL };
  });
  return { lines: out, added: addedIn(b, placed) };
}

/** What a frame of a line costs where its frames are matched as they are. */
function costOf(
  { a, b }: { a: Row; b: Row },
  pairs: Int32Array,
  [start, end]: readonly [number, number],
): number {
  const far = new Float64Array(1);
  let sum = 0;
  let n = 0;
  for (let i = start; i <= end; i++) {
    const j = pairs[i] as number;
    if (j < 0) continue;
    distances(a, i, b, j, j + 1, far);
    sum += far[0] as number;
    n++;
  }
  return sum / Math.max(1, n);
}

interface Span extends Said {
  line: number;
}

/** The lines that have words, one after the other with pauses between them. */
function inARow(lines: readonly ReferenceLine[]): { samples: Float32Array; spans: Span[] } {
  const pause = new Float32Array((PAUSE_MS * FEATURE_RATE) / 1000);
  const parts: Float32Array[] = [];
  const spans: Span[] = [];
  let at = 0;
  lines.forEach(({ samples, words }, line) => {
    const [first, last] = [words[0], words.at(-1)];
    if (!first || !last) return;
    spans.push({ line, startMs: at + first.startMs, endMs: at + last.endMs });
    parts.push(samples, pause);
    at += ((samples.length + pause.length) * 1000) / FEATURE_RATE;
  });
  return { samples: joined(parts), spans };
}

const median = (x: readonly number[]): number => x.toSorted((p, q) => p - q)[x.length >> 1] ?? 0;

/**
 * The lines as coarse frames, with one frame of silence before the first, between any two and after the last: there, and only
 * there, can what was added be passed over. ranges: the frames of each line, [from, to].
 */
function withPauses(a: Heard, spans: readonly Span[]): { row: Row; ranges: [from: number, to: number][] } {
  const { size } = a;
  const silence = new Float32Array(size);
  silence[0] = SILENCE;
  const parts: Float32Array[] = [silence];
  let frames = 1;
  const ranges = spans.map(({ startMs, endMs }): [from: number, to: number] => {
    const [first, last] = [Math.floor(startMs / HOP_MS), Math.ceil(endMs / HOP_MS)];
    const kept = a.kept.filter((t) => t >= first && t <= last);
    const line = pooled(
      picked({ ...a, kept: kept.length ? kept : Int32Array.of(Math.min(first, a.frames - 1)) }),
    );
    parts.push(line.vectors, silence);
    const from = frames;
    frames += line.frames + 1;
    return [from, frames - 2];
  });
  return { row: { frames, size, vectors: joined(parts) }, ranges };
}

/** Which coarse frames of the recording a line takes, and what it costs a frame; null when it was left out. */
type Track = { first: number; last: number; cost: number } | null;

/** How a cell was reached: by a step in both rows, in the reference or the recording alone, or over lines that were left out. */
const BOTH = 0;
const REFERENCE = 1;
const RECORDING = 2;
const OVER = 3;

/**
 * The cheapest way through all lines. usual: what a frame of a said line costs; null when every line has to be said and
 * nothing is added. Between two lines stands a pause, in which what is added can be passed over.
 */
function track(
  { a, b }: { a: Row; b: Row },
  ranges: readonly (readonly [number, number])[],
  usual: number | null,
): { tracks: Track[]; pairs: Int32Array } {
  const n = a.frames;
  const m = b.frames;
  const came = new Uint8Array(n * m);
  /** Over which line before a line that was reached from afar one came; by the line and the frame of the recording. */
  const from = ranges.map(() => (usual === null ? null : new Int16Array(m)));
  const startsLine = new Map(ranges.map(([start], k) => [start, k]));
  const pauses = pausesOf(n, ranges);
  let before = new Float64Array(m).fill(Number.POSITIVE_INFINITY);
  /** The cheapest way to have left out everything up to the next line, by frame of the recording. */
  let skipped = new Float64Array(m).fill(Number.POSITIVE_INFINITY);
  let skippedFrom = new Int16Array(m).fill(-1);
  const far = new Float64Array(m);
  for (let i = 0; i < n; i++) {
    const now = new Float64Array(m);
    const line = startsLine.get(i);
    const over = usual !== null && line !== undefined && line > 0 ? skipped : null;
    const most = usual !== null && pauses[i] ? usual * COSTS.added : Number.POSITIVE_INFINITY;
    distances(a, i, b, 0, m, far);
    for (let j = 0; j < m; j++) {
      // Before the first row nothing is reached but the beginning itself.
      let best = i === 0 && j === 0 ? 0 : j > 0 ? (before[j - 1] as number) : Number.POSITIVE_INFINITY;
      let way: number = BOTH;
      const straight = before[j] as number;
      if (straight < best) {
        best = straight;
        way = REFERENCE;
      }
      const along = j > 0 ? (now[j - 1] as number) : Number.POSITIVE_INFINITY;
      if (along < best) {
        best = along;
        way = RECORDING;
      }
      if (over && (over[j] as number) < best) {
        best = over[j] as number;
        way = OVER;
      }
      now[j] = best + Math.min(most, far[j] as number);
      came[i * m + j] = way;
      if (way === OVER && line !== undefined) (from[line] as Int16Array)[j] = skippedFrom[j] as number;
    }
    if (usual !== null && line !== undefined) {
      // To leave out this line: from the end of the one before it, or from what was left out before.
      const price = usual * COSTS.leftOut * ((ranges[line] as readonly [number, number])[1] - i + 1);
      const next = new Float64Array(m).fill(Number.POSITIVE_INFINITY);
      const nextFrom = new Int16Array(m);
      for (let j = 0; j < m; j++) {
        const once = usual * COSTS.once;
        const fresh = line === 0 ? (j === 0 ? once : Number.POSITIVE_INFINITY) : (before[j] as number) + once;
        const longer = skipped[j] as number;
        next[j] = Math.min(fresh, longer) + price;
        nextFrom[j] = fresh <= longer ? line - 1 : (skippedFrom[j] as number);
      }
      skipped = next;
      skippedFrom = nextFrom;
    }
    before = now;
  }
  return walked();

  function walked(): { tracks: Track[]; pairs: Int32Array } {
    const out: Track[] = ranges.map(() => null);
    const pairs = new Int32Array(n).fill(-1);
    let j = m - 1;
    let i = n - 1;
    if (usual !== null && (skipped[j] as number) < (before[j] as number)) {
      const to = skippedFrom[j] as number;
      if (to < 0) return { tracks: out, pairs };
      i = endOfPause(to);
    }
    while (i >= 0 && j >= 0) {
      const k = lineAt(ranges, i);
      if (k >= 0) {
        const t = out[k] ?? { first: j, last: j, cost: 0 };
        distances(a, i, b, j, j + 1, far);
        const cost = t.cost + (far[0] as number);
        out[k] = { first: j, last: t.last, cost };
        pairs[i] = j;
      }
      const way = came[i * m + j];
      if (i === 0 && j === 0) break;
      if (way === OVER) {
        const line = startsLine.get(i) as number;
        const to = (from[line] as Int16Array)[j] as number;
        if (to < 0) break;
        i = endOfPause(to);
        continue;
      }
      if (way !== RECORDING) i--;
      if (way !== REFERENCE) j--;
    }
    const tracks = out.map((t, k) => {
      const [start, end] = ranges[k] as readonly [number, number];
      return t && { ...t, cost: t.cost / Math.max(end - start + 1, t.last - t.first + 1) };
    });
    return { tracks, pairs };
  }

  /** The frame before the line after one. */
  function endOfPause(k: number): number {
    const next = ranges[k + 1];
    return next ? next[0] - 1 : n - 1;
  }
}

/** Frames of the reference that are in no line. */
function pausesOf(frames: number, ranges: readonly (readonly [number, number])[]): Uint8Array {
  const out = new Uint8Array(frames).fill(1);
  for (const [start, end] of ranges) out.fill(0, start, end + 1);
  return out;
}

const lineAt = (ranges: readonly (readonly [number, number])[], i: number): number =>
  ranges.findIndex(([start, end]) => i >= start && i <= end);

/** Lines in the time of the recording: borders lie in the longest pause near where one line ends and the next begins. */
function place(b: Heard, tracks: readonly Track[]): (Said | null)[] {
  const { speaks } = b.voiced;
  const frameAt = (coarse: number, end: boolean): number => {
    const place = Math.min(b.kept.length - 1, coarse * COARSE.frames + (end ? COARSE.frames - 1 : 0));
    return b.kept[place] as number;
  };
  const reach = Math.round(BORDER_MS / HOP_MS);
  return tracks
    .map((t) => {
      if (!t) return null;
      const start = quietNear(speaks, frameAt(t.first, false), reach, 'start');
      const end = quietNear(speaks, frameAt(t.last, true), reach, 'end');
      return {
        startMs: Math.max(0, Math.round(start * HOP_MS - MARGIN_MS.before)),
        endMs: Math.round(Math.max(start + 1, end) * HOP_MS + MARGIN_MS.after),
      };
    })
    .map((at, k, all) => {
      // Two lines never share sound: what is between them is shared out.
      const next = all.slice(k + 1).find((x) => x !== null);
      if (!at || !next || at.endMs <= next.startMs) return at;
      const middle = Math.round((at.endMs + next.startMs) / 2);
      next.startMs = middle;
      return { ...at, endMs: middle };
    });
}

/** The edge of speech nearest to a frame: where it begins after a pause, or ends before one. From within a pause, the one at its end or beginning. */
function quietNear(speaks: Uint8Array, frame: number, reach: number, edge: 'start' | 'end'): number {
  if (!speaks[frame]) {
    const edgeOfPause = edge === 'start' ? speaks.indexOf(1, frame) : speaks.lastIndexOf(1, frame);
    if (edgeOfPause >= 0) return edgeOfPause;
  }
  // A line that begins in the very last of what was said before it begins after that; and so with its end.
  if (speaks[frame]) {
    const over = edge === 'start' ? speaks.indexOf(0, frame) : speaks.lastIndexOf(0, frame);
    const next = edge === 'start' ? speaks.indexOf(1, over) : speaks.lastIndexOf(1, over);
    if (over >= 0 && next >= 0 && Math.abs(over - frame) <= TAIL_FRAMES) return next;
  }
  let best = frame;
  let least = Number.POSITIVE_INFINITY;
  for (let t = Math.max(0, frame - reach); t <= Math.min(speaks.length - 1, frame + reach); t++) {
    const isEdge = edge === 'start' ? speaks[t] && !speaks[t - 1] : speaks[t] && !speaks[t + 1];
    if (isEdge && Math.abs(t - frame) < least) [best, least] = [t, Math.abs(t - frame)];
  }
  return best;
}

/** Speech that lies in no line. */
function addedIn(b: Heard, placed: readonly (Said | null)[]): Said[] {
  const taken = new Uint8Array(b.frames);
  for (const at of placed)
    if (at) taken.fill(1, Math.floor(at.startMs / HOP_MS), Math.ceil(at.endMs / HOP_MS));
  const out: Said[] = [];
  for (let t = 0; t < b.frames; ) {
    if (taken[t] || !b.voiced.speaks[t]) {
      t++;
      continue;
    }
    let end = t;
    let last = t;
    while (end < b.frames && !taken[end] && end - last < 60) {
      if (b.voiced.speaks[end]) last = end;
      end++;
    }
    const said = { startMs: Math.round(t * HOP_MS), endMs: Math.round((last + 1) * HOP_MS) };
    if (said.endMs - said.startMs >= LEAST_ADDED_MS) out.push(said);
    t = end;
  }
  return out;
}
