import { type Decibels, msToSamples, type Samples } from '../time.ts';
import type { ClipSound, SoundBed, Timeline } from '../timeline/types.ts';
import { limit } from './limit.ts';
import { integratedLoudness } from './loudness.ts';

/** Levels and times of the mix. Takes come in at -16 LUFS, tracks at -18. */
export const MIX = {
  /** Music where nobody speaks, and under speech: gain on the track. */
  musicOpenDb: -5,
  musicUnderVoiceDb: -15.5,
  /** The music goes down before the voice begins, and rises after it. */
  duckBeforeMs: 260,
  duckAfterMs: 700,
  fadeInMs: 60,
  fadeOutMs: 500,
  clipFadeMs: 25,
  /** What is delivered. The ceiling leaves room for what the encoder adds. */
  targetLufs: -14,
  ceilingDb: -2,
} as const;

export interface Stereo {
  left: Float32Array;
  right: Float32Array;
}

export interface Material {
  /** A take: mono at 48 kHz; null while it is not there. */
  take(key: string): Float32Array | null;
  /** The own sound of a clip's part: stereo at 48 kHz, at the loudness of a take; null while it is not there. */
  clip(key: string): Stereo | null;
  /** The track: stereo at 48 kHz; null while it is not there. */
  track(key: string): Stereo | null;
}

/**
 * Mixes a timeline's sound: voices where they stand, the own sound of clips at its level against them, music ducked under
 * them, the whole brought to MIX.targetLufs and held under the ceiling. Pure; the same material gives the same samples.
 */
export function mix(timeline: Timeline, material: Material): Stereo {
  const n = timeline.sound.samples;
  const left = new Float32Array(n);
  const right = new Float32Array(n);
  for (const { voice } of timeline.scenes) {
    const take = voice && material.take(voice.key);
    if (!voice || !take) continue;
    const length = Math.min(voice.samples, take.length - voice.offset, n - voice.start);
    for (let i = 0; i < length; i++) {
      const v = take[voice.offset + i] as number;
      left[voice.start + i] = (left[voice.start + i] as number) + v;
      right[voice.start + i] = (right[voice.start + i] as number) + v;
    }
  }
  for (const clip of timeline.sound.clips) {
    const sound = material.clip(clip.key);
    if (sound) addClip({ left, right }, sound, clip);
  }
  for (const bed of timeline.sound.beds) {
    const track = bed.track && material.track(bed.track.key);
    if (track) addMusic({ left, right }, track, bed, gainCurve(timeline.sound.speech, n, bed));
  }
  level({ left, right });
  return { left, right };
}

/** Brings a mix to the target; the limiter takes a little loudness, so the gain is corrected once. */
function level({ left, right }: Stereo): void {
  const channels = [left, right];
  for (let round = 0; round < 2; round++) {
    const now = integratedLoudness(channels);
    if (!Number.isFinite(now)) return;
    const gain = 10 ** ((MIX.targetLufs - now) / 20);
    for (const c of channels) for (let i = 0; i < c.length; i++) c[i] = (c[i] as number) * gain;
    limit(channels, MIX.ceilingDb);
  }
}

/** A point of a gain curve; between points the gain runs straight in dB. */
export interface GainPoint {
  at: Samples;
  db: Decibels;
}

/** The level of the music over time, in samples of the piece: open where nobody speaks, down in time for every word. */
export function gainCurve(
  speech: readonly (readonly [Samples, Samples])[],
  samples: Samples,
  { gainDb, duckDb }: Pick<SoundBed, 'gainDb' | 'duckDb'>,
): GainPoint[] {
  const before = msToSamples(MIX.duckBeforeMs);
  const after = msToSamples(MIX.duckAfterMs);
  const open = MIX.musicOpenDb + gainDb;
  const under = duckDb === null ? MIX.musicUnderVoiceDb + gainDb : open - duckDb;
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
function addClip(out: Stereo, sound: Stereo, clip: ClipSound): void {
  const gain = 10 ** (clip.gainDb / 20);
  const soft = msToSamples(MIX.clipFadeMs);
  const pass = Math.min(clip.samples, sound.left.length);
  const end = Math.min(clip.length, out.left.length - clip.start);
  if (pass < 1) return;
  for (let i = 0; i < end; i++) {
    const at = i % pass;
    const g = gain * Math.min(1, at / soft, (pass - at) / soft, (end - i) / soft);
    const o = clip.start + i;
    out.left[o] = (out.left[o] as number) + (sound.left[at] as number) * g;
    out.right[o] = (out.right[o] as number) + (sound.right[at] as number) * g;
  }
}

/** Adds a track over its stretch; it begins and ends softly. The curve is counted in samples of the piece. */
function addMusic(out: Stereo, track: Stereo, bed: SoundBed, curve: readonly GainPoint[]): void {
  const length = Math.min(bed.length, out.left.length - bed.start, track.left.length);
  const fadeIn = msToSamples(MIX.fadeInMs);
  const fadeOut = msToSamples(MIX.fadeOutMs);
  let k = 0;
  for (let i = 0; i < length; i++) {
    const o = bed.start + i;
    while (k < curve.length - 2 && (curve[k + 1] as GainPoint).at <= o) k++;
    const a = curve[k] as GainPoint;
    const b = curve[k + 1] as GainPoint;
    const t = b.at > a.at ? Math.min(1, Math.max(0, (o - a.at) / (b.at - a.at))) : 1;
    const db = a.db + (b.db - a.db) * t;
    const g = 10 ** (db / 20) * Math.min(1, i / fadeIn) * Math.min(1, (length - i) / fadeOut);
    out.left[o] = (out.left[o] as number) + (track.left[i] as number) * g;
    out.right[o] = (out.right[o] as number) + (track.right[i] as number) * g;
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
