import { mkdtemp, readFile, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { piece, scene } from '../../core/piece/testing.ts';
import { type PieceVoice, plainVoice, type RecordedPart } from '../../core/piece/types.ts';
import { align, thirdRate } from '../../core/sound/align/align.ts';
import { findLines, type ReferenceLine } from '../../core/sound/align/narration.ts';
import { joined } from '../../core/sound/joined.ts';
import { integratedLoudness, truePeak } from '../../core/sound/loudness.ts';
import type { Speech } from '../../core/sound/speech.ts';
import { wavFile } from '../../core/sound/wav.ts';
import { SAMPLE_RATE } from '../../core/time.ts';
import { closeApart } from '../apart/apart.ts';
import { prepare } from '../material.ts';
import { run } from '../program.ts';
import { readWav } from '../sound/wav.ts';
import { engineOf } from './engines.ts';
import { keepRecording, samplesOf } from './recordings.ts';
import { linesIn, takeFile, takeOf } from './takes.ts';

const LINES = [
  'On Thursday evenings, five neighbours open an old boathouse and mend whatever people bring.',
  'Forty-one radios went home playing again last winter.',
  'Nobody pays, but most leave something in the jar by the door.',
  'A kettle, a clock, a lamp that had been dark for twenty years.',
  'Do not throw your toaster away before you have asked them.',
  'The harbour master counts the boats each night.',
];
const said = new Map<string, Promise<Speech>>();
const say = (name: string, text: string, change: Partial<PieceVoice> = {}): Promise<Speech> => {
  const key = JSON.stringify([name, text, change]);
  const known = said.get(key) ?? engineOf(name).speak(text, { ...plainVoice(name), ...change }, []);
  said.set(key, known);
  return known;
};
const silence = (seconds: number) => new Float32Array(seconds * SAMPLE_RATE);
const quietly = (x: Float32Array, by: number) => x.map((v) => v * by);
const wav = (...parts: Float32Array[]) => wavFile([joined(parts)], SAMPLE_RATE);

let folder: string;
beforeAll(async () => {
  folder = await mkdtemp(path.join(tmpdir(), 'nabbet-recordings-'));
});
afterAll(async () => {
  closeApart();
  await rm(folder, { recursive: true, force: true });
});

describe('words found in a recording', () => {
  it.each([
    ['fenn', {}, 0],
    ['corin', { pace: 1.2 }, 0],
    ['hesper', { pauses: 2 }, 0.01],
    ['bram', { pace: 0.85 }, 0.005],
  ])('of %s %j with noise %d: most within 45 ms', async (voice, change, noise) => {
    const text = LINES.slice(0, 3).join(' ');
    const [reference, recording] = [await say('maud', text), await say(voice, text, change)];
    let seed = 7;
    const noisy = recording.samples.map((v) => {
      seed = (seed * 16_807) % 2_147_483_647;
      return v + noise * (seed / 1_073_741_823 - 1);
    });
    const words = align(thirdRate(reference.samples), reference.words, thirdRate(noisy));
    expect(words.map((w) => text.slice(w.start, w.end))).toEqual(
      reference.words.map((w) => text.slice(w.start, w.end)),
    );
    const off = words
      .map((w, i) => Math.abs(w.startMs - (recording.words[i]?.startMs ?? 0)))
      .sort((a, b) => a - b);
    expect(off[off.length >> 1]).toBeLessThanOrEqual(20);
    expect(off[Math.floor(off.length * 0.85)]).toBeLessThanOrEqual(65);
    words.forEach((w, i) => {
      expect(w.endMs).toBeGreaterThan(w.startMs);
      expect(w.startMs).toBeGreaterThanOrEqual(words[i - 1]?.startMs ?? 0);
    });
  });
});

describe('lines found in one recording of them all', () => {
  const references = async (): Promise<ReferenceLine[]> =>
    Promise.all(
      LINES.map(async (l) => {
        const { samples, words } = await say('maud', l);
        return { samples: thirdRate(samples), words };
      }),
    );
  /** Lines in the voice of somebody else; and where each is really said. */
  async function narration(voice: string, leave: readonly number[], pause = 0.5) {
    const parts: Float32Array[] = [];
    const starts: (number | null)[] = [];
    let at = 0;
    for (const [i, l] of LINES.entries()) {
      if (leave.includes(i)) {
        starts.push(null);
        continue;
      }
      const { samples, words } = await say(voice, l);
      starts.push(at + (words[0]?.startMs ?? 0));
      parts.push(samples, silence(pause));
      at += (samples.length * 1000) / SAMPLE_RATE + pause * 1000;
    }
    return { samples: joined(parts), starts };
  }

  it.each([
    ['tam', []],
    ['alder', []],
    ['fenn', [2]],
    ['hesper', [0]],
    ['pia', [5]],
    ['corin', [3, 4]],
  ])('read by %s without %j: those that are said, where they are said', async (voice, leave) => {
    const { samples, starts } = await narration(voice, leave);
    const { lines } = findLines(await references(), thirdRate(samples));
    expect(lines.map((l) => l === null)).toEqual(starts.map((s) => s === null));
    lines.forEach((l, i) => {
      const start = starts[i];
      if (!l || start === null || start === undefined) return;
      // The part begins in the pause before its first word.
      expect(l.startMs).toBeLessThan(start + 90);
      expect(l.startMs).toBeGreaterThan(start - 520);
      expect(l.endMs).toBeGreaterThan(l.startMs + 800);
    });
    // Parts follow each other.
    const found = lines.flatMap((l) => l ?? []);
    found.slice(1).forEach((l, i) => {
      expect(l.startMs).toBeGreaterThanOrEqual(found[i]?.endMs ?? 0);
    });
  });

  it('tells what is said besides, and finds nothing in silence', async () => {
    const { samples } = await narration('alder', []);
    const more = await say('alder', 'Sorry, I have to begin again, the telephone rang while I was reading.');
    const { lines, added } = findLines(
      await references(),
      thirdRate(joined([samples, silence(0.6), more.samples, silence(0.5)])),
    );
    expect(lines.filter((l) => l === null)).toEqual([]);
    expect(added.some((a) => a.startMs > (samples.length * 1000) / SAMPLE_RATE - 500)).toBe(true);
    expect(findLines([], thirdRate(samples))).toEqual({ lines: [], added: [] });
    expect(findLines([{ samples: new Float32Array(), words: [] }], thirdRate(samples)).lines).toEqual([null]);
  });

  it('by the server: from a file to the rows', async () => {
    const { samples, starts } = await narration('fenn', [1]);
    const { id } = await keepRecording(wav(samples));
    const found = await linesIn(
      id,
      LINES.map((text) => ({ text, voice: plainVoice('maud'), says: [] })),
    );
    expect(found.lines.map((l) => l === null)).toEqual(starts.map((s) => s === null));
    await expect(linesIn('0'.repeat(32), [])).rejects.toMatchObject({ failure: { code: 'no-take' } });
  });
});

describe('a recording that is kept', () => {
  it('tells from where to where somebody speaks, whatever form it came in', async () => {
    const { samples } = await say('bram', LINES[1] as string);
    const file = path.join(folder, 'in.wav');
    await writeFile(file, wav(silence(0.8), quietly(samples, 0.2), silence(1)));
    for (const ending of ['mp3', 'm4a', 'webm', 'ogg', 'flac']) {
      const out = path.join(folder, `out.${ending}`);
      const codec = ending === 'webm' || ending === 'ogg' ? ['-c:a', 'libopus'] : [];
      await run('ffmpeg', ['-y', '-v', 'error', '-i', file, '-ac', '2', ...codec, out]);
      const kept = await keepRecording(await readFile(out));
      const lengthMs = 1800 + (samples.length * 1000) / SAMPLE_RATE;
      expect(Math.abs(kept.lengthMs - lengthMs)).toBeLessThan(120);
      expect(Math.abs(kept.startMs - 740)).toBeLessThan(130);
      expect(Math.abs(kept.endMs - (lengthMs - 950))).toBeLessThan(250);
    }
  });

  it('is refused when it is no sound, or nothing can be heard in it', async () => {
    const playlist = '#EXTM3U\n#EXT-X-TARGETDURATION:9\n#EXTINF:9,\n/etc/passwd\n#EXT-X-ENDLIST\n';
    const list = "ffconcat version 1.0\nfile '/etc/passwd'\n";
    const bad = ['not a sound at all', '', playlist, list].map((t) => Buffer.from(t));
    for (const bytes of [...bad, wav(silence(2))])
      await expect(keepRecording(bytes)).rejects.toMatchObject({ failure: { code: 'no-sound' } });
  });

  it('becomes a take: the part at an even level, its words where they are said', async () => {
    const text = LINES[4] as string;
    const { samples, words } = await say('alder', text);
    const { id, startMs, endMs } = await keepRecording(wav(silence(1), quietly(samples, 0.1), silence(1)));
    const part: RecordedPart = { takeId: id, startMs, endMs, clean: false };
    const wanted = { text, voice: plainVoice('maud'), says: [], recorded: part };
    const take = await takeOf(wanted);
    expect(take.words).toHaveLength(words.length);
    const first = 1000 - startMs + (words[0]?.startMs ?? 0);
    expect(Math.abs((take.words[0]?.startMs ?? 0) - first)).toBeLessThan(90);
    const [sound] = readWav(await readFile(takeFile(take.key) ?? '')).channels;
    expect(sound?.length).toBe(take.samples);
    expect(Math.abs(take.samples - ((endMs - startMs) * SAMPLE_RATE) / 1000)).toBeLessThan(480);
    expect(Math.abs(integratedLoudness([sound as Float32Array]) + 16)).toBeLessThan(1);
    expect(truePeak([sound as Float32Array])).toBeLessThanOrEqual(-1);
    // The same question is answered from what is there; other words are looked for anew, none are found for none.
    expect((await takeOf(wanted)).key).toBe(take.key);
    expect((await takeOf({ ...wanted, text: '' })).words).toEqual([]);
  });

  it('that is gone leaves its scene silent, and says which, and the rest is made', async () => {
    const gone = { kind: 'take' as const, takeId: 'f'.repeat(32), startMs: 0, endMs: null, clean: false };
    const p = piece([scene('a', 'Gone with its recording.', { narration: gone }), scene('b', 'Still said.')]);
    const { timeline, unspoken } = await prepare(p);
    expect(unspoken).toEqual(['Gone with its recording.']);
    expect(timeline.scenes.map((s) => s.voice !== null)).toEqual([false, true]);
  });

  it('loses the noise of the room where that is wanted', async () => {
    const { samples } = await say('alder', LINES[1] as string);
    let seed = 3;
    const noisy = joined([silence(1), samples, silence(1)]).map((v) => {
      seed = (seed * 16_807) % 2_147_483_647;
      return v * 0.5 + 0.004 * (seed / 1_073_741_823 - 1);
    });
    const { id } = await keepRecording(wav(noisy));
    const level = async (clean: boolean) => {
      const x = await samplesOf({ takeId: id, startMs: 0, endMs: null, clean });
      const rms = (from: number, to: number) =>
        Math.sqrt(x.subarray(from, to).reduce((n, v) => n + v * v, 0) / (to - from));
      return rms(10_000, 40_000) / rms(SAMPLE_RATE * 1.2, SAMPLE_RATE * 2.5);
    };
    expect(await level(true)).toBeLessThan((await level(false)) * 0.6);
  });
});
