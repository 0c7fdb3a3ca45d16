import type { Beats } from '../sound/beats/beats.ts';
import type { Milliseconds } from '../time.ts';
import { FIRM_BEAT } from './grid.ts';

/** What is known of a track that was brought. */
export interface TrackAnalysis extends Beats {
  /** Where its sound ends; silence may follow. */
  endMs: Milliseconds;
  /** The harmony of each beat: how strongly the twelve pitch classes sound, 0 to 1. */
  harmony: number[][];
}

/** A track as it is played for a length: its parts one after the other, how fast, and whether it reaches its own end. */
export interface FittedTrack {
  /** [start, end) in the track. */
  parts: [Milliseconds, Milliseconds][];
  /** 1 as it is; a little more is faster. */
  speed: number;
  /** It ends as the track ends; otherwise it is faded out. */
  whole: boolean;
}

const FIT = {
  /** How much faster or slower nobody minds. */
  play: 0.045,
  /** What being so much off costs, against a seam between harmonies that have nothing to do with each other. */
  speedCost: 0.25,
  /** Beats that are compared on both sides of a seam. */
  near: 4,
  /** A phrase in bars: a seam that keeps its place in it is hardly heard. */
  phrase: 4,
  phraseCost: 0.12,
  /** One seam makes so many times of what is there; a loop goes round so often at most. */
  bridged: 1.7,
  rounds: 500,
  /** A loop has so many bars at least, where there are as many. */
  loopBars: 8,
  /** With beats that have to stay where they are, silence of so much may follow the end. */
  restMs: 700,
  /** Bars at the end that are the ending. */
  endingBars: 2,
} as const;

/**
 * Fits a track to a length: from the chosen start to its own end, leaving out or repeating whole bars where harmony and place
 * in the phrase go on best, and as much faster or slower as nobody minds, so that it ends with the piece. steady: its beats stay
 * where they are, since pictures change on them. Pure.
 */
export function fitted(
  track: TrackAnalysis | null,
  { startMs, endMs }: { startMs: Milliseconds; endMs: Milliseconds },
  lengthMs: Milliseconds,
  steady: boolean,
): FittedTrack {
  const start = Math.min(startMs, Math.max(0, endMs - 1));
  const bars = track && track.sure >= FIRM_BEAT ? barsFrom(track, start, endMs) : [];
  if (!track || bars.length < 3) return repeated(start, endMs, lengthMs);
  const parts: [Milliseconds, Milliseconds][] = [];
  let from = start;
  let left = lengthMs;
  // More than one seam can bridge: a loop goes round.
  const tooLong = () => left > (endMs - from) * FIT.bridged;
  const loop = tooLong() ? bestLoop(track, bars) : null;
  while (loop && tooLong() && parts.length < FIT.rounds) {
    parts.push([from, loop.end]);
    left -= loop.end - from;
    from = loop.start;
  }
  const end = seamed(track, barsFrom(track, from, endMs), from, endMs, left, steady);
  if (!end) {
    const rest = repeated(from, endMs, left);
    return { ...rest, parts: [...parts, ...rest.parts] };
  }
  const all = [...parts, ...end.parts];
  // What the last parts are off is shared by all.
  return { ...end, parts: all, speed: steady ? 1 : all.reduce((n, [a, b]) => n + b - a, 0) / lengthMs };
}

/** When bars begin in a track as it is played. */
export function barsIn({ parts, speed }: FittedTrack, { beats, meter, first }: Beats): Milliseconds[] {
  let played = 0;
  return parts.flatMap(([start, end]) => {
    const here = beats.flatMap((at, i) =>
      i % meter === first && at >= start && at < end ? [Math.round((played + at - start) / speed)] : [],
    );
    played += end - start;
    return here;
  });
}

interface Bar {
  /** Place among the beats. */
  beat: number;
  at: Milliseconds;
  /** Place among the bars of the track. */
  bar: number;
}

const barsFrom = ({ beats, meter, first }: Beats, start: Milliseconds, end: Milliseconds): Bar[] =>
  beats.flatMap((at, beat) =>
    beat % meter === first && at >= start && at < end ? [{ beat, at, bar: Math.floor(beat / meter) }] : [],
  );

/** From one start over and over, faded at its end. */
function repeated(start: Milliseconds, end: Milliseconds, length: Milliseconds): FittedTrack {
  const parts: [Milliseconds, Milliseconds][] = [];
  for (let left = length; left > 0 && parts.length < 1000; left -= end - start)
    parts.push([start, Math.min(end, start + left)]);
  return { parts, speed: 1, whole: false };
}

/** One seam, or none, between a start and the end of the track; null where no length is near enough. */
function seamed(
  track: TrackAnalysis,
  bars: readonly Bar[],
  from: Milliseconds,
  endMs: Milliseconds,
  length: Milliseconds,
  steady: boolean,
): FittedTrack | null {
  let best: { cost: number; fit: FittedTrack } | null = null;
  const offer = (total: Milliseconds, seam: () => number, parts: [Milliseconds, Milliseconds][]) => {
    const speed = total / length;
    const off = steady
      ? total > length || total < length - FIT.restMs
        ? Number.POSITIVE_INFINITY
        : (length - total) / FIT.restMs
      : Math.abs(speed - 1) / FIT.play;
    if (off > 1) return;
    const cost = seam() + FIT.speedCost * off;
    if (!best || cost < best.cost) best = { cost, fit: { parts, speed: steady ? 1 : speed, whole: true } };
  };
  offer(endMs - from, () => 0, [[from, endMs]]);
  const ending = bars.at(-FIT.endingBars)?.at ?? endMs;
  for (const out of bars)
    for (const back of bars) {
      // The ending is played as it is, and something comes before the seam.
      if (out === back || back.at > ending || out.at <= from) continue;
      const total = out.at - from + endMs - back.at;
      offer(total, () => seamCost(track, out, back), [
        [from, out.at],
        [back.at, endMs],
      ]);
    }
  return (best as { fit: FittedTrack } | null)?.fit ?? null;
}

/** The stretch that goes over into its own beginning best. */
function bestLoop(
  track: TrackAnalysis,
  bars: readonly Bar[],
): { start: Milliseconds; end: Milliseconds } | null {
  const least = Math.min(FIT.loopBars, Math.floor(bars.length / 2));
  let best: { cost: number; start: Milliseconds; end: Milliseconds } | null = null;
  bars.forEach((back, i) => {
    for (const out of bars.slice(i + Math.max(1, least), -1)) {
      const cost = seamCost(track, out, back) - 0.002 * (out.bar - back.bar);
      if (!best || cost < best.cost) best = { cost, start: back.at, end: out.at };
    }
  });
  return best;
}

/** How much a seam from one bar to another is heard, 0 to about 1. */
function seamCost({ harmony }: TrackAnalysis, out: Bar, back: Bar): number {
  let [sum, n] = [0, 0];
  for (let k = -FIT.near; k < FIT.near; k++) {
    const [a, b] = [harmony[out.beat + k], harmony[back.beat + k]];
    if (!a || !b) continue;
    sum += 1 - a.reduce((s, v, c) => s + v * (b[c] as number), 0);
    n++;
  }
  const phase = (out.bar - back.bar) % FIT.phrase === 0 ? 0 : FIT.phraseCost;
  return (n ? sum / n : 1) + phase;
}
