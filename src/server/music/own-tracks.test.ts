import { mkdtemp, readFile, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { compose } from '../../core/music/compose.ts';
import { barsIn, fitted } from '../../core/music/fitted.ts';
import { midiFile } from '../../core/music/midi.ts';
import { MOOD_NAMES, type Mood } from '../../core/music/moods.ts';
import { piece, scene } from '../../core/piece/testing.ts';
import { newBed } from '../../core/piece/types.ts';
import { integratedLoudness, truePeak } from '../../core/sound/loudness.ts';
import { wavFile } from '../../core/sound/wav.ts';
import { framesToMs, msToSamples, SAMPLE_RATE, samplesToMs } from '../../core/time.ts';
import { closeApart } from '../apart/apart.ts';
import { CONFIG } from '../config.ts';
import { closeDatabase } from '../db/client.ts';
import { prepare } from '../material.ts';
import { run } from '../program.ts';
import { changeTrack, heardTrack, keepTrack, listTracks } from './own-tracks.ts';
import { trackFile, trackOf } from './tracks.ts';

let folder: string;
beforeAll(async () => {
  folder = await mkdtemp(path.join(tmpdir(), 'nabbet-music-'));
});
afterAll(async () => {
  closeApart();
  await closeDatabase();
  await rm(folder, { recursive: true, force: true });
});

/** A tune as a file of another kind, played by other instruments' samples and at another rate, as somebody would bring it. */
async function tune(mood: Mood, seed: number, lengthMs: number, ending: string, ...as: string[]) {
  const score = compose(mood, seed, lengthMs);
  const [mid, wav, out] = ['score.mid', 'score.wav', `tune.${ending}`].map((n) =>
    path.join(folder, `${mood}${seed}${n}`),
  );
  await writeFile(mid as string, midiFile(score));
  await run('fluidsynth', [
    '-ni',
    '-q',
    '-F',
    wav as string,
    '-r',
    '44100',
    '-g',
    '0.5',
    CONFIG.soundfont,
    mid as string,
  ]);
  await run('ffmpeg', [
    '-y',
    '-v',
    'error',
    '-i',
    wav as string,
    '-t',
    String(lengthMs / 1000),
    ...as,
    out as string,
  ]);
  return { bytes: await readFile(out as string), score };
}

/** F-measure at ±70 ms. */
function hits(found: readonly number[], truth: readonly number[]): number {
  const near = truth.filter((t) => found.some((f) => Math.abs(f - t) <= 70)).length;
  return (2 * near) / (found.length + truth.length);
}

const samplesOf = async (file: string): Promise<Float32Array[]> => {
  const { stdout } = await run('ffmpeg', [
    '-v',
    'error',
    '-i',
    file,
    '-f',
    'f32le',
    '-ac',
    '2',
    '-ar',
    '48000',
    'pipe:1',
  ]);
  const n = Math.floor(stdout.length / 8);
  return [0, 1].map((c) => Float32Array.from({ length: n }, (_, i) => stdout.readFloatLE(i * 8 + c * 4)));
};

describe('a track that is brought', () => {
  it('is kept once, whatever it is called, with what was found in it', async () => {
    const { bytes, score } = await tune('easy', 3, 40_000, 'mp3', '-b:a', '128k');
    const track = await keepTrack(bytes, '07_Boat house_blues.mp3');
    expect(track).toMatchObject({
      title: 'Boat house blues',
      licence: 'unknown',
      favourite: false,
      meter: 4,
    });
    expect(Math.abs(track.lengthMs - 40_000)).toBeLessThan(1500);
    expect(Math.abs(track.tempo / score.tempo - 1)).toBeLessThan(0.02);
    expect(track.wave).toHaveLength(400);
    expect(Math.max(...track.wave)).toBe(1);
    expect((await keepTrack(bytes, 'again.mp3')).title).toBe('Boat house blues');
    expect((await listTracks()).filter((t) => t.id === track.id)).toHaveLength(1);
  });

  it('that is put away stays for those who use it, and comes back when it is brought again', async () => {
    const { bytes } = await tune('easy', 3, 40_000, 'mp3', '-b:a', '128k');
    const { id } = await keepTrack(bytes, 'x.mp3');
    await changeTrack(id, { archived: true, favourite: true, title: 'Mine' });
    expect((await listTracks()).find((t) => t.id === id)).toMatchObject({ archived: true, title: 'Mine' });
    expect((await heardTrack(id)).endMs).toBeGreaterThan(0);
    expect(await keepTrack(bytes, 'x.mp3')).toMatchObject({ archived: false, favourite: true });
  });

  it('is refused when nothing is heard in it, or when it is something else', async () => {
    const refused = { failure: { code: 'no-sound' } };
    const silence = Buffer.from(wavFile([new Float32Array(3 * SAMPLE_RATE)], SAMPLE_RATE));
    await expect(keepTrack(silence, 'silence.wav')).rejects.toMatchObject(refused);
    await expect(keepTrack(Buffer.from('no music at all'), 'x.mp3')).rejects.toMatchObject(refused);
    const list = Buffer.from('#EXTM3U\n#EXTINF:1,x\nfile:///etc/passwd\n');
    await expect(keepTrack(list, 'x.m3u8')).rejects.toMatchObject(refused);
    const { bytes } = await tune('easy', 3, 40_000, 'mp3', '-b:a', '128k');
    const torn = Buffer.concat([bytes.subarray(0, 60), Buffer.alloc(5000, 7)]);
    await expect(keepTrack(torn, 'x.mp3')).rejects.toMatchObject(refused);
    await expect(heardTrack('nobody')).rejects.toMatchObject({ failure: { code: 'no-track' } });
  });

  it.each(MOOD_NAMES)('has its beats and bars found: %s', async (mood) => {
    const { bytes, score } = await tune(mood, 5, 31_000, 'ogg', '-c:a', 'libvorbis');
    const { analysis } = await heardTrack((await keepTrack(bytes, `${mood}.ogg`)).id);
    const beat = 60_000 / score.tempo;
    // The closing chord is the last thing that is played in time.
    const truth = Array.from({ length: (score.bars - 1) * 4 + 1 }, (_, i) => i * beat);
    const found = analysis?.beats.filter((b) => b <= (truth.at(-1) ?? 0) + 70) ?? [];
    expect(hits(found, truth)).toBeGreaterThanOrEqual(0.95);
    const bars = analysis?.beats.filter((_, i) => i % 4 === analysis.first) ?? [];
    const isBar = bars.filter((b) => truth.some((t, i) => i % 4 === 0 && Math.abs(t - b) <= 70));
    expect(isBar.length / bars.length).toBeGreaterThan(0.85);
  });
});

describe('a track that is fitted', () => {
  it('is as long as the piece to the sample, at the loudness of a track, and ends as it ends', async () => {
    const { bytes } = await tune('drive', 2, 45_000, 'flac');
    const { id } = await keepTrack(bytes, 'drive.flac');
    const { analysis, endMs } = await heardTrack(id);
    for (const lengthMs of [21_300, 33_000, 71_000]) {
      const source = { kind: 'brought', trackId: id, startMs: 0 } as const;
      const track = await trackOf({ source, lengthMs, steady: false });
      const sound = await samplesOf(trackFile(track.key) ?? '');
      expect(sound[0]?.length).toBe(msToSamples(lengthMs));
      expect(Math.abs(integratedLoudness(sound) + 18)).toBeLessThan(0.5);
      expect(truePeak(sound)).toBeLessThanOrEqual(0);
      const fit = fitted(analysis, { startMs: 0, endMs }, lengthMs, false);
      expect(fit.whole).toBe(true);
      expect(track.bars).toEqual(barsIn(fit, analysis as never).map(msToSamples));
      // The end of the track is at the end of the piece: it is heard until shortly before.
      const tail = sound[0]?.slice(-Math.round(1.2 * SAMPLE_RATE), -Math.round(0.5 * SAMPLE_RATE)) ?? [];
      expect(Math.max(...tail.map(Math.abs))).toBeGreaterThan(0.003);
      expect(Math.abs(sound[0]?.at(-1) ?? 1)).toBeLessThan(0.01);
    }
  });

  it('lies under a piece whose pictures change on its bars', async () => {
    const { bytes } = await tune('circuit', 4, 60_000, 'm4a', '-c:a', 'aac');
    const { id } = await keepTrack(bytes, 'circuit.m4a');
    const p = piece(
      ['The gate opens at six.', 'Trams roll out into the snow.', 'By noon every street is clear.'].map(
        (l, i) => scene(`s${i}`, l),
      ),
      { beds: [newBed('m', { kind: 'brought', trackId: id, startMs: 0 })], onBeat: 'bar' },
    );
    const { timeline } = await prepare(p);
    const [bed] = timeline.sound.beds;
    expect(bed?.track?.samples).toBe(msToSamples(bed?.wanted.lengthMs ?? 0));
    const bars = bed?.track?.bars.map((b) => samplesToMs(b)) ?? [];
    expect(bars.length).toBeGreaterThan(3);
    for (const s of timeline.scenes.slice(1)) {
      const seen = framesToMs(s.start + Math.floor(s.transition.frames / 2));
      expect(Math.min(...bars.map((b) => Math.abs(b - seen)))).toBeLessThan(70);
    }
  });

  it('of music that is gone says so', async () => {
    const source = { kind: 'brought', trackId: '0'.repeat(32), startMs: 0 } as const;
    await expect(trackOf({ source, lengthMs: 1000, steady: false })).rejects.toMatchObject({
      failure: { code: 'no-track' },
    });
  });
});
