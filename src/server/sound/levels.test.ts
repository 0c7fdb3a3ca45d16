import { readFile } from 'node:fs/promises';
import { afterAll, describe, expect, it } from 'vitest';
import { MOOD_NAMES } from '../../core/music/moods.ts';
import { draftFromLines } from '../../core/outline/draft.ts';
import { joined } from '../../core/sound/joined.ts';
import { integratedLoudness, truePeak } from '../../core/sound/loudness.ts';
import { type Material, MIX, mixPart, type Sound, soundOf } from '../../core/sound/mix.ts';
import { cutScript } from '../../core/text/script.ts';
import { SAMPLE_RATE } from '../../core/time.ts';
import type { Timeline } from '../../core/timeline/types.ts';
import { closeApart } from '../apart/apart.ts';
import { prepare } from '../material.ts';
import { trackFile } from '../music/tracks.ts';
import { run } from '../program.ts';
import { takeFile } from '../speech/takes.ts';
import { mixed } from './mixing.ts';
import { readWav } from './wav.ts';

afterAll(closeApart);

const SCRIPT = `Last spring the town library put forty power tools on a shelf, and nobody was sure that anything would come back.
It did. All of it, cleaned and oiled.
A woman who had borrowed the drill left a jar of plum jam.
Now there is a class every Saturday, and a waiting list for the lathe.
Come by, and bring what is broken.`;

const VOICES = ['maud', 'fenn', 'bram', 'tam'];

/** Voice and music of a timeline by themselves, as the mixer weighs them before the whole gets its level. */
async function apart(timeline: Timeline): Promise<{ voice: Float32Array[]; music: Float32Array[] }> {
  const takes = new Map<string, Sound>();
  for (const { voice } of timeline.scenes)
    if (voice) takes.set(voice.key, soundOf(...readWav(await readFile(takeFile(voice.key) ?? '')).channels));
  const [bed] = timeline.sound.beds;
  if (!bed?.track) throw new Error('No music.');
  const { stdout } = await run('ffmpeg', [
    ...['-v', 'error', '-i', trackFile(bed.track.key) ?? '', '-f', 'f32le', '-ac', '2', 'pipe:1'],
  ]);
  const both = new Float32Array(Uint8Array.from(stdout).buffer);
  const track = soundOf(...[0, 1].map((c) => both.filter((_, i) => i % 2 === c)));
  const none = { take: () => null, clip: () => null, track: () => null };
  const part = (only: Partial<Material>) =>
    mixPart(timeline, { ...none, ...only }, 0, timeline.sound.samples);
  return { voice: part({ take: (k) => takes.get(k) ?? null }), music: part({ track: () => track }) };
}

/** For each window of three seconds in which somebody speaks most of the time: how far the music lies under the voice, LU. */
function distances(timeline: Timeline, { voice, music }: Awaited<ReturnType<typeof apart>>): number[] {
  const out: number[] = [];
  const window = 3 * SAMPLE_RATE;
  for (let at = 0; at + window <= timeline.sound.samples; at += SAMPLE_RATE) {
    const spoken = timeline.sound.speech.reduce(
      (s, [a, b]) => s + Math.max(0, Math.min(b, at + window) - Math.max(a, at)),
      0,
    );
    if (spoken < window * 0.8) continue;
    const part = (x: Float32Array) => x.subarray(at, at + window);
    const said = integratedLoudness(voice.map(part));
    const played = integratedLoudness(music.map(part));
    out.push(said - played);
  }
  return out;
}

describe('the mix of real pieces', () => {
  it.each(MOOD_NAMES.map((mood, i) => [mood, VOICES[i % VOICES.length] as string] as const))(
    '%s under %s: music 12 to 18 LU under the voice in every window, the whole at its level and never clipped',
    async (mood, voice) => {
      let n = 0;
      const draft = draftFromLines(
        cutScript(SCRIPT, 'line'),
        { format: '9:16', voice, mood },
        () => `s${n++}`,
      );
      const { timeline } = await prepare(draft);
      const all = distances(timeline, await apart(timeline));
      expect(all.length).toBeGreaterThan(6);
      if (process.env.LEVELS) console.log(mood, voice, all.map((d) => d.toFixed(1)).join(' '));
      expect(Math.min(...all)).toBeGreaterThanOrEqual(12);
      expect(Math.max(...all)).toBeLessThanOrEqual(18);
      const parts: Float32Array[][] = [[], []];
      for await (const { left, right } of mixed(timeline)) {
        parts[0]?.push(left);
        parts[1]?.push(right);
      }
      const whole = parts.map((p) => joined(p));
      expect(Math.abs(integratedLoudness(whole) - MIX.targetLufs)).toBeLessThanOrEqual(0.5);
      expect(truePeak(whole)).toBeLessThanOrEqual(-1);
    },
  );
});
