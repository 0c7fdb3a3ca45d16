import { mkdtemp, readdir, rm, stat } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { createCanvas } from '@napi-rs/canvas';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { seeded } from '../../core/hash.ts';
import { picture, piece, scene } from '../../core/piece/testing.ts';
import { newBed } from '../../core/piece/types.ts';
import type { Timeline } from '../../core/timeline/types.ts';
import { prepare } from '../material.ts';
import { run } from '../program.ts';
import { converter } from './i420.ts';
import { RenderCancelled, type RenderProgress, render } from './render.ts';

/** RGBA to I420 by the definition of BT.709, limited range. */
function reference(
  rgba: Uint8Array,
  w: number,
  h: number,
): { y: Float64Array; u: Float64Array; v: Float64Array } {
  const y = new Float64Array(w * h);
  const u = new Float64Array((w * h) / 4);
  const v = new Float64Array((w * h) / 4);
  for (let j = 0; j < h; j++)
    for (let i = 0; i < w; i++) {
      const [r, g, b] = [0, 1, 2].map((c) => (rgba[(j * w + i) * 4 + c] ?? 0) / 255) as [
        number,
        number,
        number,
      ];
      const l = 0.2126 * r + 0.7152 * g + 0.0722 * b;
      y[j * w + i] = 16 + 219 * l;
      const o = (j >> 1) * (w >> 1) + (i >> 1);
      u[o] = (u[o] ?? 0) + (128 + (224 * (b - l)) / 1.8556) / 4;
      v[o] = (v[o] ?? 0) + (128 + (224 * (r - l)) / 1.5748) / 4;
    }
  return { y, u, v };
}

describe('converter', () => {
  for (const [w, h] of [
    [1080, 20],
    [854, 16],
    [480, 854],
    [16, 2],
  ] as const)
    it(`agrees with the definition within two steps at ${w} x ${h}`, () => {
      const random = seeded(`${w}`);
      const c = converter(w, h);
      for (let i = 0; i < c.rgba.length; i++) c.rgba[i] = Math.floor(random() * 256);
      c.run();
      const ref = reference(c.rgba, w, h);
      const worst = (plane: Float64Array, at: number) =>
        plane.reduce((m, v, i) => Math.max(m, Math.abs(v - (c.i420[at + i] ?? 0))), 0);
      expect(worst(ref.y, 0)).toBeLessThan(2);
      expect(worst(ref.u, w * h)).toBeLessThan(2);
      expect(worst(ref.v, (w * h * 5) / 4)).toBeLessThan(2);
    });
  it('refuses odd sizes', () => {
    expect(() => converter(481, 480)).toThrow(/even/);
  });
});

describe('render', () => {
  let folder = '';
  let timeline: Timeline;
  const wanted = piece(
    [
      scene('a', 'A short title', { layout: 'title', pictures: [picture('canal-boat')] }),
      scene('b', 'Lanterns sway.', { pictures: [picture('lantern-loop')] }),
      scene('c', 'The end is near.', { pictures: [picture('calendar')] }),
    ],
    {
      beds: [newBed('bed', { kind: 'composed', mood: 'gentle', seed: 1 })],
    },
  );
  beforeAll(async () => {
    folder = await mkdtemp(path.join(tmpdir(), 'nabbet-render-'));
    timeline = (await prepare(wanted)).timeline;
  });
  afterAll(() => rm(folder, { recursive: true, force: true }));

  it('makes an MP4 whose length, sizes, sound and loudness are those of the timeline', async () => {
    const out = path.join(folder, 'a.mp4');
    const seen: RenderProgress[] = [];
    await render(timeline, { height: 480, out, onProgress: (p) => void seen.push(p) });
    const { stdout } = await run('ffprobe', [
      '-v',
      'error',
      '-count_packets',
      '-show_entries',
      'stream=codec_name,width,height,nb_read_packets,duration:format=duration',
      '-of',
      'json',
      out,
    ]);
    const info = JSON.parse(stdout.toString());
    const [video, audio] = info.streams;
    expect(video).toMatchObject({
      codec_name: 'h264',
      width: 480,
      height: 854,
      nb_read_packets: String(timeline.frames),
    });
    expect(audio.codec_name).toBe('aac');
    expect(Math.abs(Number(video.duration) - timeline.frames / 30)).toBeLessThan(1 / 30);
    expect(Math.abs(Number(audio.duration) - timeline.frames / 30)).toBeLessThan(1 / 30);
    const { stderr } = await run('ffmpeg', [
      '-hide_banner',
      '-i',
      out,
      '-af',
      'ebur128=peak=true',
      '-f',
      'null',
      '-',
    ]);
    const summary = stderr.slice(stderr.lastIndexOf('Summary'));
    expect(Math.abs(Number(/I:\s+(-?[\d.]+)/.exec(summary)?.[1]) + 14)).toBeLessThanOrEqual(1);
    expect(Number(/Peak:\s+(-?[\d.]+)/.exec(summary)?.[1])).toBeLessThanOrEqual(-1);
    expect(seen.at(-1)).toMatchObject({ done: timeline.frames, total: timeline.frames });
    expect((await run('ffprobe', ['-v', 'trace', out])).stderr.indexOf("type:'moov'")).toBeLessThan(
      (await run('ffprobe', ['-v', 'trace', out])).stderr.indexOf("type:'mdat'"),
    );
  });

  it('paints nothing again that it has painted before', async () => {
    let painted = -1;
    await render(timeline, {
      height: 480,
      out: path.join(folder, 'b.mp4'),
      onProgress: (p) => {
        painted = p.painted;
      },
    });
    expect(painted).toBe(0);
  });

  it('joins fresh and kept parts into even time: every frame once, in order', async () => {
    const changed = {
      ...wanted,
      scenes: wanted.scenes.with(
        1,
        scene('b', 'Something else is said here.', { pictures: [picture('lantern-loop')] }),
      ),
    };
    const next = (await prepare(changed)).timeline;
    const out = path.join(folder, 'e.mp4');
    let painted = 0;
    await render(next, {
      height: 480,
      out,
      onProgress: (p) => {
        painted = p.painted;
      },
    });
    expect(painted).toBeGreaterThan(0);
    expect(painted).toBeLessThan(next.frames);
    const { stdout } = await run('ffprobe', [
      '-v',
      'error',
      '-select_streams',
      'v',
      '-show_entries',
      'packet=pts',
      '-of',
      'csv=p=0',
      out,
    ]);
    const pts = stdout
      .toString()
      .trim()
      .split('\n')
      .map((l) => Number.parseInt(l, 10))
      .sort((a, b) => a - b);
    expect(pts.length).toBe(next.frames);
    expect(new Set(pts.slice(1).map((t, i) => t - (pts[i] ?? 0)))).toEqual(new Set([512]));
  });

  it('is painted by the canvas as well, where the compositor is not wanted', async () => {
    const out = {
      canvas: path.join(folder, 'by-canvas.mp4'),
      compositor: path.join(folder, 'by-compositor.mp4'),
    };
    const painted = { canvas: 0, compositor: 0 };
    for (const painter of ['canvas', 'compositor'] as const)
      await render(timeline, {
        ...{ height: 480, out: out[painter], painter },
        onProgress: (p) => {
          painted[painter] = p.painted;
        },
      });
    // What one of them painted is not taken for the other's.
    expect(painted.canvas).toBe(timeline.frames);
    const compare = ['-i', out.canvas, '-i', out.compositor, '-lavfi', 'ssim', '-f', 'null', '-'];
    const { stderr } = await run('ffmpeg', ['-hide_banner', ...compare]);
    expect(Number(/SSIM Y:([\d.]+)/.exec(stderr)?.[1])).toBeGreaterThan(0.97);
  });

  it('stops when it is cancelled, and leaves no half file', async () => {
    const abort = new AbortController();
    const out = path.join(folder, 'c.mp4');
    await expect(
      render(timeline, { height: 720, out, signal: abort.signal, onProgress: () => abort.abort() }),
    ).rejects.toThrow(RenderCancelled);
    expect(await stat(out).catch(() => null)).toBeNull();
    expect((await readdir(folder)).filter((f) => f.includes('tmp'))).toEqual([]);
  });

  it('says that an empty piece cannot be rendered', async () => {
    const { timeline: empty } = await prepare(piece([]));
    await expect(render(empty, { height: 480, out: path.join(folder, 'd.mp4') })).rejects.toThrow(
      /no scenes/,
    );
  });

  it('draws colours that come back from the file as they were', async () => {
    const c = createCanvas(16, 16);
    const ctx = c.getContext('2d');
    ctx.fillStyle = '#ffd23f';
    ctx.fillRect(0, 0, 16, 16);
    const k = converter(16, 16);
    k.rgba.set(c.data());
    k.run();
    const { stdout } = await run(
      'ffmpeg',
      [
        '-v',
        'error',
        '-f',
        'rawvideo',
        '-pix_fmt',
        'yuv420p',
        '-color_range',
        'tv',
        '-s',
        '16x16',
        '-i',
        'pipe:0',
        '-vf',
        'scale=in_color_matrix=bt709:in_range=tv',
        '-f',
        'rawvideo',
        '-pix_fmt',
        'rgb24',
        'pipe:1',
      ],
      { input: k.i420 },
    );
    for (const [i, v] of [0xff, 0xd2, 0x3f].entries())
      expect(Math.abs((stdout[i] ?? 0) - v)).toBeLessThanOrEqual(3);
  });
});
