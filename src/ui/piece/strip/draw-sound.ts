import { effectLength } from '../../../core/sound/effects.ts';
import { type Frames, msToSamples, SAMPLES_PER_FRAME, type Samples } from '../../../core/time.ts';
import type { TakeFact, Timeline } from '../../../core/timeline/types.ts';

const WORDS = { top: 2, height: 13, ground: '#d9d6de', wave: '#3d3945' } as const;
const MUSIC = {
  top: 20,
  height: 15,
  ground: '#e4e1e8',
  wave: '#8f8a99',
  bar: '#ffffff',
  effect: '#1f1d24',
} as const;

/** What is known of the sound that is drawn. */
interface Known {
  takes: Readonly<Record<string, TakeFact>>;
  /** Wave of a take or track, 0 to 1; null while it is not there. */
  wave(key: string): readonly number[] | null;
}

/** Draws voice and music in proportion: words with the wave of the voice, music with its wave and its bars, and effects. */
export function drawSound(
  ctx: CanvasRenderingContext2D,
  { scenes, sound }: Timeline,
  { takes, wave }: Known,
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
  for (const { start, length, track } of sound.beds) {
    if (!track) continue;
    const to = x(start + Math.min(length, track.samples));
    ctx.fillStyle = MUSIC.ground;
    ctx.fillRect(x(start), MUSIC.top, to - x(start), MUSIC.height);
    drawWave(ctx, wave(track.key), x(start), to, MUSIC);
    ctx.fillStyle = MUSIC.bar;
    for (const b of track.bars.slice(1)) ctx.fillRect(x(start + b), MUSIC.top, 1.5, MUSIC.height);
  }
  ctx.fillStyle = MUSIC.effect;
  for (const { name, start } of sound.effects)
    ctx.fillRect(x(Math.max(0, start)), MUSIC.top - 3, Math.max(2, x(effectLength(name))), 3);
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
