import { formOf } from '../../../core/music/form.ts';
import { effectLength } from '../../../core/sound/effects.ts';
import { type Frames, msToSamples, SAMPLES_PER_FRAME, type Samples } from '../../../core/time.ts';
import type { OwnTrackFact, SoundBed, TakeFact, Timeline } from '../../../core/timeline/types.ts';

const WORDS = { top: 2, height: 13, ground: '#d9d6de', wave: '#3d3945' } as const;
const MUSIC = {
  top: 20,
  height: 15,
  ground: '#e4e1e8',
  wave: '#8f8a99',
  bar: '#ffffff',
  beat: 'rgb(255 255 255 / 0.55)',
  effect: '#1f1d24',
} as const;

/** Beats are drawn where they are at least so far apart, pixels; and where a part of the music begins, how wide its line is. */
const BEATS = { apart: 6, composed: 4, part: 3 } as const;

/** What is known of the sound that is drawn. */
interface Known {
  takes: Readonly<Record<string, TakeFact>>;
  /** Tracks that were brought, by id. */
  ownTracks: Readonly<Record<string, OwnTrackFact>>;
  /** Wave of a take or track, 0 to 1; null while it is not there. */
  wave(key: string): readonly number[] | null;
}

/** Draws voice and music in proportion: words with the wave of the voice, music with its wave, parts, bars and beats, and effects. */
export function drawSound(
  ctx: CanvasRenderingContext2D,
  { scenes, sound }: Timeline,
  { takes, ownTracks, wave }: Known,
  width: number,
  total: Frames,
): void {
  const x = (samples: Samples) => ((samples / SAMPLES_PER_FRAME) * width) / total;
  ctx.clearRect(0, 0, width, 40);
  for (const { voice } of scenes) {
    if (!voice) continue;
    ctx.fillStyle = WORDS.ground;
    for (const w of takes[voice.key]?.words ?? []) {
      const from = x(voice.start + msToSamples(w.startMs));
      const to = x(voice.start + msToSamples(w.endMs));
      ctx.fillRect(from, WORDS.top, Math.max(1, to - from - 0.8), WORDS.height);
    }
    drawWave(ctx, wave(voice.key), x(voice.start), x(voice.start + voice.samples), WORDS);
  }
  for (const bed of sound.beds) {
    const { start, length, track, wanted } = bed;
    if (!track) continue;
    const to = x(start + Math.min(length, track.samples));
    ctx.fillStyle = MUSIC.ground;
    ctx.fillRect(x(start), MUSIC.top, to - x(start), MUSIC.height);
    drawWave(ctx, wave(track.key), x(start), to, MUSIC);
    const line = (at: Samples, wide: number) => {
      if (at < length) ctx.fillRect(x(start + at), MUSIC.top, wide, MUSIC.height);
    };
    ctx.fillStyle = MUSIC.beat;
    for (const beat of beatsOf(bed, ownTracks, x(1))) line(beat, 1);
    ctx.fillStyle = MUSIC.bar;
    const parts = new Set(
      wanted.source.kind === 'composed' ? formOf(track.bars.length - 1).map((p) => p.start) : [],
    );
    track.bars.forEach((b, i) => {
      if (i > 0) line(b, parts.has(i) ? BEATS.part : 1.5);
    });
  }
  ctx.fillStyle = MUSIC.effect;
  for (const { name, start } of sound.effects)
    ctx.fillRect(x(Math.max(0, start)), MUSIC.top - 3, Math.max(2, x(effectLength(name))), 3);
}

/** Where the beats between bars are, from the start of a bed; none where they would lie too close to be told apart. perSample: pixels. */
function beatsOf(
  { track, wanted: { source } }: SoundBed,
  ownTracks: Readonly<Record<string, OwnTrackFact>>,
  perSample: number,
): Samples[] {
  const bars = track?.bars ?? [];
  const meter =
    source.kind === 'composed' ? BEATS.composed : (ownTracks[source.trackId]?.meter ?? BEATS.composed);
  return bars.flatMap((bar, i) => {
    const beat = ((bars[i + 1] ?? Number.NaN) - bar) / meter;
    if (!(beat * perSample >= BEATS.apart)) return [];
    return Array.from({ length: meter - 1 }, (_, k): Samples => bar + Math.round((k + 1) * beat));
  });
}

/** A wave round the middle of its row, one line for each pixel. */
function drawWave(
  ctx: CanvasRenderingContext2D,
  wave: readonly number[] | null,
  from: number,
  to: number,
  { top, height, wave: colour }: { top: number; height: number; wave: string },
): void {
  if (!wave?.length || to <= from) return;
  const loudest = Math.max(0.05, ...wave);
  ctx.fillStyle = colour;
  for (let at = Math.floor(from); at < to; at++) {
    const a = Math.max(0, Math.floor(((at - from) / (to - from)) * wave.length));
    const b = Math.max(a + 1, Math.ceil(((at + 1 - from) / (to - from)) * wave.length));
    const h = Math.max(1, (Math.max(...wave.slice(a, b), 0) / loudest) * height);
    ctx.fillRect(at, top + (height - h) / 2, 1, h);
  }
}
