import { type Decibels, msToSamples, SAMPLE_RATE, type Samples } from '../time.ts';
import type { ClipSound, EffectSound, SoundBed, Timeline, TimelineScene } from '../timeline/types.ts';
import { carved, RUN_UP } from './carve.ts';
import { effectLength, effectSamples } from './effects.ts';
import { joined } from './joined.ts';
import { Limiter } from './limit.ts';
import { LoudnessMeter } from './loudness.ts';

/** Levels and times of the mix. */
export const MIX = {
  /** Loudness of a take, and of a track as it is under speech: carved, there it has to be even, and all tracks alike. */
  takeLufs: -16,
  trackLufs: -21,
  /** By so much a track is louder when it is not carved, on the average. */
  carveLu: 2.6,
  /** Music where nobody speaks, and under speech: gain on the track. */
  musicOpenDb: -4.2,
  musicUnderVoiceDb: -8.3,
  /** The music goes down before the voice begins, and rises after it. */
  duckBeforeMs: 260,
  duckAfterMs: 700,
  fadeInMs: 60,
  fadeOutMs: 500,
  clipFadeMs: 25,
  /** Effects, whose peaks are alike: they are heard, and nobody starts. */
  effectDb: -11,
  /** What is delivered. The ceiling leaves room for what the encoder adds. */
  targetLufs: -14,
  ceilingDb: -2,
} as const;

export interface Stereo {
  left: Float32Array;
  right: Float32Array;
}

/** Sound that is read in parts, at 48 kHz. */
export interface Sound {
  length: Samples;
  /** Samples [start, end) of each channel: one, or left and right. */
  read(start: Samples, end: Samples): readonly Float32Array[];
}

/** Sound that is in memory. */
export const soundOf = (...channels: readonly Float32Array[]): Sound => ({
  length: channels[0]?.length ?? 0,
  read: (start, end) => channels.map((c) => c.subarray(start, end)),
});

export interface Material {
  /** A take; null while it is not there. */
  take(key: string): Sound | null;
  /** The own sound of a clip's part, at the loudness of a take; null while it is not there. */
  clip(key: string): Sound | null;
  /** The track; null while it is not there. */
  track(key: string): Sound | null;
}

/** Samples of a mix that are made at once. */
const BLOCK = 10 * SAMPLE_RATE;
/** Up to this length what was mixed is kept while it is brought to its level; a longer piece is mixed anew each time. */
const SHORT = 240 * SAMPLE_RATE;
/** The mix is brought to its level, and once more, since the limiter takes a little loudness. */
const ROUNDS = 2;

/**
 * Mixes a timeline's sound: voices where they stand, the own sound of clips at its level against them, music ducked under
 * them, the whole brought to MIX.targetLufs and held under the ceiling. It comes in parts, so that an hour needs no more
 * memory than a minute; null while it is still being measured, so that others have their turn. Pure; the same material gives
 * the same samples.
 */
export function* mixInParts(timeline: Timeline, material: Material): Generator<Stereo | null> {
  const n = timeline.sound.samples;
  const starts = Array.from({ length: Math.ceil(n / BLOCK) }, (_, i) => i * BLOCK);
  const gains: number[] = [];
  /** Of a short mix: its parts as far as they were brought, and with how many of the gains. */
  let kept: { parts: (readonly Float32Array[])[]; gains: number } | null = null;
  for (let round = 0; round < ROUNDS; round++) {
    const meter = new LoudnessMeter();
    const level = new Level(gains.slice(kept?.gains ?? 0));
    const parts: (readonly Float32Array[])[] = [];
    const measure = (part: readonly Float32Array[]) => {
      meter.push(part);
      if (n <= SHORT) parts.push(part);
    };
    for (const part of kept?.parts ?? raw()) {
      measure(level.push(part));
      yield null;
    }
    measure(level.end());
    if (n <= SHORT) kept = { parts, gains: gains.length };
    const now = meter.integrated;
    if (!Number.isFinite(now)) break;
    gains.push(10 ** ((MIX.targetLufs - now) / 20));
  }
  const level = new Level(gains.slice(kept?.gains ?? 0));
  for (const part of kept?.parts ?? raw()) yield stereo(level.push(part));
  yield stereo(level.end());

  function* raw(): Generator<readonly Float32Array[]> {
    for (const start of starts) yield mixPart(timeline, material, start, Math.min(n, start + BLOCK));
  }
}

const stereo = ([left, right]: readonly Float32Array[]): Stereo => ({
  left: left as Float32Array,
  right: right as Float32Array,
});

/** The whole mix at once; see mixInParts. */
export function mix(timeline: Timeline, material: Material): Stereo {
  const n = timeline.sound.samples;
  const out = { left: new Float32Array(n), right: new Float32Array(n) };
  let at = 0;
  for (const part of mixInParts(timeline, material)) {
    if (!part) continue;
    out.left.set(part.left, at);
    out.right.set(part.right, at);
    at += part.left.length;
  }
  return out;
}

/** Gains one after the other, each followed by the limiter. */
class Level {
  private readonly stages: { gain: number; limiter: Limiter }[];

  constructor(gains: readonly number[]) {
    this.stages = gains.map((gain) => ({ gain, limiter: new Limiter(2, MIX.ceilingDb) }));
  }

  push(block: readonly Float32Array[]): readonly Float32Array[] {
    return this.through(block, 0);
  }

  /** What the limiters still hold. */
  end(): readonly Float32Array[] {
    const parts = this.stages.map(({ limiter }, i) => this.through(limiter.end(), i + 1));
    const [left, right] = [0, 1].map((c) => joined(parts.map((p) => p[c] as Float32Array)));
    return [left as Float32Array, right as Float32Array];
  }

  private through(block: readonly Float32Array[], from: number): readonly Float32Array[] {
    let now = block;
    for (const { gain, limiter } of this.stages.slice(from))
      now = limiter.push(now.map((c) => scaled(c, gain)));
    return now;
  }
}

function scaled(x: Float32Array, gain: number): Float32Array {
  const out = new Float32Array(x.length);
  for (let i = 0; i < x.length; i++) out[i] = (x[i] as number) * gain;
  return out;
}

/** What is heard from one sample to another, left and right, before it is brought to its level. */
export function mixPart(
  timeline: Timeline,
  material: Material,
  start: Samples,
  end: Samples,
): Float32Array[] {
  const part = { start, end, left: new Float32Array(end - start), right: new Float32Array(end - start) };
  for (const { voice } of timeline.scenes) {
    if (!voice || voice.start >= end || voice.start + voice.samples <= start) continue;
    const take = material.take(voice.key);
    if (take) addVoice(part, take, voice);
  }
  for (const clip of timeline.sound.clips) {
    if (clip.start >= end || clip.start + clip.length <= start) continue;
    const sound = material.clip(clip.key);
    if (sound) addClip(part, sound, clip, timeline.sound.samples);
  }
  for (const effect of timeline.sound.effects) addEffect(part, effect);
  for (const bed of timeline.sound.beds) {
    if (!bed.track || bed.start >= end || bed.start + bed.length <= start) continue;
    const track = material.track(bed.track.key);
    const curve = gainCurve(timeline.sound.speech, timeline.sound.samples, bed);
    if (track) addMusic(part, track, bed, curve, timeline.sound.samples);
  }
  return [part.left, part.right];
}

/** A part of a mix; its first sample is the piece's sample `start`. */
interface Part extends Stereo {
  start: Samples;
  end: Samples;
}

/** Adds to the sample i of the piece. */
function add(part: Part, i: Samples, left: number, right: number): void {
  const o = i - part.start;
  part.left[o] = (part.left[o] as number) + left;
  part.right[o] = (part.right[o] as number) + right;
}

function addVoice(part: Part, take: Sound, voice: NonNullable<TimelineScene['voice']>): void {
  const length = Math.min(voice.samples, take.length);
  const from = Math.max(part.start, voice.start);
  const to = Math.min(part.end, voice.start + length);
  if (to <= from) return;
  const [x] = take.read(from - voice.start, to - voice.start);
  for (let i = from; i < to; i++) add(part, i, x?.[i - from] as number, x?.[i - from] as number);
}

function addEffect(part: Part, { name, start, gainDb }: EffectSound): void {
  if (start >= part.end || start + effectLength(name) <= part.start) return;
  const samples = effectSamples(name);
  const gain = 10 ** ((MIX.effectDb + gainDb) / 20);
  const to = Math.min(part.end, start + samples.length);
  for (let i = Math.max(part.start, start); i < to; i++) {
    const v = (samples[i - start] as number) * gain;
    add(part, i, v, v);
  }
}

/** A point of a gain curve; between points the gain runs straight in dB. */
export interface GainPoint {
  at: Samples;
  db: Decibels;
}

/** Gain of a bed where nobody speaks, and under speech, dB; and how far it is carved there, 0 to 1. */
export function levelsOf({ gainDb, duckDb }: Pick<SoundBed, 'gainDb' | 'duckDb'>) {
  const open = MIX.musicOpenDb + gainDb;
  const under = duckDb === null ? MIX.musicUnderVoiceDb + gainDb : open - duckDb;
  return { open, under, carved: carvedAt(open - under) };
}

/** How far music is carved that is down by so much: wholly at the depth it has by itself. */
const carvedAt = (down: Decibels): number =>
  Math.min(1, Math.max(0, down) / (MIX.musicOpenDb - MIX.musicUnderVoiceDb));

/** The level of the music over time, in samples of the piece: open where nobody speaks, down in time for every word. */
export function gainCurve(
  speech: readonly (readonly [Samples, Samples])[],
  samples: Samples,
  { gainDb, duckDb }: Pick<SoundBed, 'gainDb' | 'duckDb'>,
): GainPoint[] {
  const before = msToSamples(MIX.duckBeforeMs);
  const after = msToSamples(MIX.duckAfterMs);
  const { open, under } = levelsOf({ gainDb, duckDb });
  const points: GainPoint[] = [
    { at: 0, db: (speech[0]?.[0] ?? Number.POSITIVE_INFINITY) < before ? under : open },
  ];
  speech.forEach(([start, end], i) => {
    const next = speech[i + 1]?.[0] ?? Number.POSITIVE_INFINITY;
    const last = points[points.length - 1] as GainPoint;
    if (last.db !== under)
      points.push({ at: Math.max(last.at, start - before), db: open }, { at: start, db: under });
    points.push({ at: end, db: under });
    if (next - end > before + after) points.push({ at: end + after, db: open });
  });
  const last = points[points.length - 1] as GainPoint;
  points.push({ at: Math.max(samples, last.at), db: last.db });
  return points;
}

/** Adds a clip's sound, round and round for its length; each pass begins and ends softly, so that nothing clicks. */
function addClip(part: Part, sound: Sound, clip: ClipSound, samples: Samples): void {
  const gain = 10 ** (clip.gainDb / 20);
  const soft = msToSamples(MIX.clipFadeMs);
  const pass = Math.min(clip.samples, sound.length);
  const length = Math.min(clip.length, samples - clip.start);
  if (pass < 1) return;
  const last = Math.min(part.end - clip.start, length);
  for (let from = Math.max(0, part.start - clip.start); from < last; ) {
    // To the end of this pass at most.
    const to = Math.min(last, from - (from % pass) + pass);
    const [left, right = left] = sound.read(from % pass, (from % pass) + to - from);
    for (let i = from; i < to; i++) {
      const at = i % pass;
      const g = gain * Math.min(1, at / soft, (pass - at) / soft, (length - i) / soft);
      add(part, clip.start + i, (left?.[i - from] as number) * g, (right?.[i - from] as number) * g);
    }
    from = to;
  }
}

/**
 * Adds a track over its stretch; it begins and ends softly. The curve is counted in samples of the piece. As far as it is
 * down, so far it is carved.
 */
function addMusic(
  part: Part,
  track: Sound,
  bed: SoundBed,
  curve: readonly GainPoint[],
  samples: Samples,
): void {
  const length = Math.min(bed.length, samples - bed.start, track.length);
  const fadeIn = msToSamples(MIX.fadeInMs);
  const fadeOut = msToSamples(MIX.fadeOutMs);
  const from = Math.max(0, part.start - bed.start);
  const to = Math.min(length, part.end - bed.start);
  if (to <= from) return;
  const runUp = Math.min(from, RUN_UP);
  const read = track.read(from - runUp, to);
  const [left, right = left] = read.map((c) => c.subarray(runUp));
  const { open } = levelsOf(bed);
  const under = curve.some((p) => p.db < open) ? read.map((c) => carved(c).subarray(runUp)) : [];
  const [leftUnder = left, rightUnder = leftUnder] = under;
  let k = 0;
  // Where the curve is flat its gain is worked out once.
  let flat = Number.NaN;
  let level = 1;
  let down = 0;
  for (let i = from; i < to; i++) {
    const o = bed.start + i;
    while (k < curve.length - 2 && (curve[k + 1] as GainPoint).at <= o) k++;
    const a = curve[k] as GainPoint;
    const b = curve[k + 1] as GainPoint;
    if (a.db !== b.db || a.db !== flat) {
      const t = b.at > a.at ? Math.min(1, Math.max(0, (o - a.at) / (b.at - a.at))) : 1;
      const db = a.db + (b.db - a.db) * t;
      level = 10 ** (db / 20);
      down = carvedAt(open - db);
      flat = a.db === b.db ? a.db : Number.NaN;
    }
    const g = level * Math.min(1, i / fadeIn) * Math.min(1, (length - i) / fadeOut);
    const at = i - from;
    const l = (left?.[at] as number) * (1 - down) + (leftUnder?.[at] as number) * down;
    const r = (right?.[at] as number) * (1 - down) + (rightUnder?.[at] as number) * down;
    add(part, o, l * g, r * g);
  }
}

/** Peaks for drawing a wave: the largest absolute value of each of `count` equal parts, 0 to 1. */
export function peaks(x: Float32Array, count: number): number[] {
  return Array.from({ length: count }, (_, p) => {
    const from = Math.floor((p * x.length) / count);
    const to = Math.max(from + 1, Math.floor(((p + 1) * x.length) / count));
    let m = 0;
    for (let i = from; i < to && i < x.length; i++) m = Math.max(m, Math.abs(x[i] as number));
    return m;
  });
}
