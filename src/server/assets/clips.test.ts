import { mkdtemp, readFile, rm, stat, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { Failed } from '../../core/failure.ts';
import { frameAt } from '../../core/paint/frame.ts';
import { picturesOf } from '../../core/paint/testing.ts';
import { picture, piece, scene } from '../../core/piece/testing.ts';
import { type ClipPart, WHOLE_CLIP } from '../../core/piece/types.ts';
import { SAMPLE_RATE } from '../../core/time.ts';
import { compile } from '../../core/timeline/compile.ts';
import { failureWords } from '../../wording/failures.ts';
import { readyFonts } from '../frames/fonts.ts';
import { ServerSources } from '../frames/sources.ts';
import { knownFacts, typesetter } from '../material.ts';
import { run } from '../program.ts';
import { mixed } from '../sound/mixing.ts';
import { importClip, isClip, proxyState } from './clips.ts';
import { pictureView } from './lookup.ts';
import { type AssetRecord, assetFact, assetFile, assetRecord } from './record.ts';

const about = { title: 'Clip', licence: 'own' as const, origin: null };
let folder = '';
const at = (name: string) => path.join(folder, name);

/** A clip of 4 s that gets brighter by 2 with every frame, with a tone in its second half. */
const RAMP = [
  ...['-f', 'lavfi', '-i', 'color=black:s=320x240:r=30:d=4,format=yuv420p,geq=lum=16+N*1.5:cb=128:cr=128'],
  ...['-f', 'lavfi', '-i', 'sine=f=440:r=48000:d=4,volume=enable=lt(t\\,2):volume=0'],
];
const make = (name: string, args: string[]) => run('ffmpeg', ['-v', 'error', '-y', ...args, at(name)]);

beforeAll(async () => {
  readyFonts();
  folder = await mkdtemp(path.join(tmpdir(), 'nabbet-clips-'));
  await make('ramp.mp4', [...RAMP, '-c:v', 'libx264', '-crf', '10', '-g', '60', '-c:a', 'aac', '-shortest']);
});
afterAll(() => rm(folder, { recursive: true, force: true }));

describe('taking a clip in', () => {
  it('probes it and makes poster, film strip and a copy for playing; the same file once', async () => {
    expect(await isClip(at('ramp.mp4'))).toBe(true);
    const r = await importClip(at('ramp.mp4'), about, false);
    expect(r).toMatchObject({ kind: 'clip', width: 320, height: 240, sound: true, direct: true });
    expect(Math.abs(r.durationMs - 4000)).toBeLessThan(60);
    expect(await importClip(at('ramp.mp4'), { ...about, title: 'other' }, false)).toEqual(r);
    const strip = await sharp((await assetFile(r.id, 'strip')) ?? '').metadata();
    expect(strip.width).toBe(40 * 96);
    await vi.waitFor(async () => expect(await proxyState(r.id)).toEqual({ done: 1, failed: null }), {
      timeout: 60_000,
    });
    const { stdout } = await run('ffprobe', [
      ...['-v', 'error', '-select_streams', 'v', '-show_entries', 'packet=flags', '-of', 'csv=p=0'],
      (await assetFile(r.id, 'proxy')) ?? '',
    ]);
    expect(stdout.toString().match(/K/g)?.length).toBeGreaterThanOrEqual(8);
    expect(await pictureView(r.id)).toMatchObject({
      kind: 'clip',
      clip: { done: 1 },
      durationMs: r.durationMs,
    });
  });

  it('sees a clip that was filmed upright as upright, and moves a file that may go', async () => {
    await make('flat.mp4', ['-f', 'lavfi', '-i', 'testsrc2=s=320x200:d=1', '-c:v', 'libx264']);
    await run('ffmpeg', [
      ...['-v', 'error', '-i', at('flat.mp4'), '-c', 'copy', '-metadata:s:v', 'rotate=90'],
      at('turned.mp4'),
    ]);
    const r = await importClip(at('turned.mp4'), about, true);
    expect([r.width, r.height]).toEqual([200, 320]);
    const poster = await sharp((await assetFile(r.id)) ?? '').metadata();
    expect([poster.width, poster.height]).toEqual([200, 320]);
    await expect(stat(at('turned.mp4'))).rejects.toThrow('ENOENT');
  });

  it.each(['webm', 'mkv', 'mov'])('reads %s', async (ending) => {
    const codec =
      ending === 'webm'
        ? ['-c:v', 'libvpx-vp9', '-deadline', 'realtime', '-cpu-used', '8']
        : ['-c:v', 'libx264'];
    await make(`x.${ending}`, ['-f', 'lavfi', '-i', `testsrc2=s=320x240:d=0.${ending.length}`, ...codec]);
    expect(await isClip(at(`x.${ending}`))).toBe(true);
    const r = await importClip(at(`x.${ending}`), about, false);
    expect(r).toMatchObject({ sound: false, direct: ending === 'mov' });
  });

  it('refuses damaged, tiny, too short and soundful-only files in words', async () => {
    const whole = await readFile(at('ramp.mp4'));
    await writeFile(at('cut.mp4'), whole.subarray(0, whole.length / 3));
    await make('tiny.mp4', ['-f', 'lavfi', '-i', 'testsrc2=s=100x80:d=1', '-c:v', 'libx264']);
    await make('short.mp4', ['-f', 'lavfi', '-i', 'testsrc2=s=320x240:d=0.1', '-c:v', 'libx264']);
    await make('sound.mp4', ['-f', 'lavfi', '-i', 'sine=d=1', '-c:a', 'aac']);
    for (const [name, says] of [
      ['cut.mp4', /damaged/],
      ['tiny.mp4', /too small/],
      ['short.mp4', /damaged|short/],
      ['sound.mp4', /only sound/],
    ] as const) {
      const e = await importClip(at(name), about, false).catch((x) => x);
      expect(e, name).toBeInstanceOf(Failed);
      expect(failureWords((e as Failed).failure)).toMatch(says);
    }
  });

  it('does not take a playlist for a clip', async () => {
    await writeFile(at('list.mp4'), '#EXTM3U\n#EXTINF:1,\nfile:///etc/passwd\n');
    expect(await isClip(at('list.mp4'))).toBe(false);
  });
});

describe('a clip in a scene', () => {
  let ramp: AssetRecord;
  beforeAll(async () => {
    ramp = await importClip(at('ramp.mp4'), about, false);
  });

  const timelineOf = async (clip: Partial<ClipPart>, durationMs: number) => {
    const p = piece([
      scene('a', '', { durationMs, pictures: [picture(ramp.id, { clip: { ...WHOLE_CLIP, ...clip } })] }),
    ]);
    expect(assetFact((await assetRecord(ramp.id)) as AssetRecord).kind).toBe('clip');
    return compile(p, await knownFacts(p), typesetter());
  };

  /** The frame of the file that is drawn at a frame of the scene, told by its brightness. */
  async function drawn(
    pictures: ServerSources,
    timeline: Awaited<ReturnType<typeof timelineOf>>,
    frame: number,
  ) {
    const { draws } = frameAt(timeline, { index: 0, frame }, timeline);
    const [draw] = picturesOf({ draws });
    if (!draw) throw new Error('There is no picture.');
    await pictures.prepare(draw.texture);
    const canvas = pictures.picture(draw.texture)?.image as {
      getContext(k: '2d'): { getImageData(...a: number[]): { data: Uint8ClampedArray } };
    };
    const { data } = canvas.getContext('2d').getImageData(100, 100, 1, 1);
    // Limited range luma 16 + 1.5 n, as full range grey.
    return ((data[0] ?? 0) * (219 / 255)) / 1.5;
  }

  it.each([
    ['as it is', {}, [0, 1, 40, 41, 100], (f: number) => f],
    [
      'from its second second, at double speed',
      { inMs: 1000, speed: 2 },
      [0, 5, 20, 21],
      (f: number) => 30 + 2 * f,
    ],
    ['slowly', { inMs: 500, outMs: 1500, speed: 0.5 }, [0, 10, 30, 59], (f: number) => 15 + f / 2],
    ['again from its start', { inMs: 1000, outMs: 2000 }, [28, 29, 30, 31, 65], (f: number) => 30 + (f % 30)],
    [
      'until its last picture stands',
      { inMs: 1000, outMs: 2000, end: 'hold' as const },
      [10, 29, 30, 90],
      (f: number) => 30 + Math.min(29, f),
    ],
  ])('is drawn %s, also when a segment begins in its midst', async (_, clip, frames, wanted) => {
    const timeline = await timelineOf(clip, 4000);
    const running = new ServerSources();
    try {
      for (const f of frames) {
        expect(Math.abs((await drawn(running, timeline, f)) - wanted(f)), `frame ${f}`).toBeLessThan(1.3);
        const fresh = new ServerSources();
        expect(Math.abs((await drawn(fresh, timeline, f)) - wanted(f)), `frame ${f}, fresh`).toBeLessThan(
          1.3,
        );
        fresh.close();
      }
    } finally {
      running.close();
    }
  });

  it('is heard where it is wanted, at its level, round and round, and not otherwise', async () => {
    const level = async (clip: Partial<ClipPart>, seconds: readonly number[]) => {
      const left = new Float32Array(4 * SAMPLE_RATE);
      let at = 0;
      for await (const part of mixed(await timelineOf(clip, 4000))) {
        left.set(part.left, at);
        at += part.left.length;
      }
      expect(at).toBe(left.length);
      return seconds.map((s) => {
        const part = left.subarray(s * SAMPLE_RATE, (s + 0.4) * SAMPLE_RATE);
        return 10 * Math.log10(part.reduce((n, v) => n + v * v, 1e-12) / part.length);
      });
    };
    const silent = await level({}, [2.3]);
    expect(silent[0]).toBeLessThan(-90);
    const [quiet = 0, loud = 0] = await level({ gainDb: 0 }, [1, 2.3]);
    expect(loud - quiet).toBeGreaterThan(40);
    const again = await level({ gainDb: 0, inMs: 1000, outMs: 3000 }, [0.3, 1.3, 2.3, 3.3]);
    expect(again.map((l) => l > -40)).toEqual([false, true, false, true]);
    const fast = await level({ gainDb: 0, speed: 2, end: 'hold' }, [0.3, 1.3, 2.6]);
    expect(fast.map((l) => l > -40)).toEqual([false, true, false]);
  });
});
