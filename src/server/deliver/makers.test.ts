import { mkdtemp, readFile, rm, stat } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { pieceFor } from '../../core/deliver/delivery.ts';
import { DELIVERY_KIND_NAMES, type DeliveryKindName, deliveryKind } from '../../core/deliver/kinds.ts';
import type { Loudness } from '../../core/deliver/loudness.ts';
import { newDelivery } from '../../core/piece/outputs.ts';
import { picture, piece, scene } from '../../core/piece/testing.ts';
import { newBed, type Piece } from '../../core/piece/types.ts';
import { framesToMs } from '../../core/time.ts';
import { closeApart } from '../apart/apart.ts';
import { RenderCancelled } from '../frames/render.ts';
import { prepare } from '../material.ts';
import { run } from '../program.ts';
import { shelf } from '../shelf/shelf.ts';
import { MAKERS } from './makers.ts';

let folder: string;
let p: Piece;
beforeAll(async () => {
  folder = await mkdtemp(path.join(tmpdir(), 'nabbet-deliver-'));
  const [one, two] = [...(await shelf()).entries.keys()];
  p = piece(
    [
      scene('a', 'The gate opens.', { pictures: [picture(one ?? '')] }),
      scene('b', 'Trams roll out.', { pictures: [picture(two ?? '')] }),
    ],
    { title: 'Gate', beds: [newBed('m', { kind: 'composed', mood: 'easy', seed: 1 })] },
  );
});
afterAll(async () => {
  closeApart();
  await rm(folder, { recursive: true, force: true });
});

async function deliver(
  kind: DeliveryKindName,
  of: Partial<Piece> = {},
  signal = new AbortController().signal,
  loudness: Loudness = -14,
) {
  const out = path.join(folder, `${kind}${loudness}.${deliveryKind(kind).ending}`);
  const wanted = pieceFor({ ...p, ...of }, { ...newDelivery('x'), format: '1:1' });
  const { timeline } = await prepare(wanted);
  const seen: number[] = [];
  const onProgress = ({ done, total }: { done: number; total: number }) => {
    seen.push(done / total);
  };
  await MAKERS[kind]({ piece: wanted, timeline, height: 480, loudness, out, signal, onProgress });
  return { out, lengthMs: framesToMs(timeline.frames), seen };
}

const streams = async (file: string) => {
  const { stdout } = await run('ffprobe', [
    '-v',
    'error',
    '-show_streams',
    '-show_format',
    '-of',
    'json',
    file,
  ]);
  const { streams: all, format } = JSON.parse(stdout.toString()) as {
    streams: { codec_name: string; width?: number; height?: number }[];
    format: { duration: string };
  };
  return {
    codecs: all.map((s) => s.codec_name),
    size: [all[0]?.width, all[0]?.height],
    ms: Number(format.duration) * 1000,
  };
};

describe('a piece is delivered', () => {
  it.each([
    ['mp4', ['h264', 'aac']],
    ['webm', ['vp9', 'opus']],
  ] as const)('as %s in the wanted format, with picture and sound of one length', async (kind, codecs) => {
    const { out, lengthMs, seen } = await deliver(kind);
    const found = await streams(out);
    expect(found.codecs).toEqual(codecs);
    expect(found.size).toEqual([480, 480]);
    expect(Math.abs(found.ms - lengthMs)).toBeLessThan(60);
    expect(seen.at(-1)).toBe(1);
    expect((await stat(out)).size).toBeGreaterThan(10_000);
    await expect(stat(`${out}.mp4`)).rejects.toThrow('ENOENT');
  });

  it('as sound alone, as long as the piece', async () => {
    const { out, lengthMs } = await deliver('sound');
    const found = await streams(out);
    expect(found.codecs).toEqual(['aac']);
    expect(Math.abs(found.ms - lengthMs)).toBeLessThan(60);
  });

  it('as loud as is asked for: quieter than the mix by just so much', async () => {
    const lufs = async (loudness: Loudness) => {
      const { out } = await deliver('sound', {}, undefined, loudness);
      const { stderr } = await run('ffmpeg', ['-i', out, '-af', 'ebur128', '-f', 'null', '-']);
      return Number(/I:\s+(-[\d.]+) LUFS\s+Threshold/.exec(stderr.slice(-800))?.[1]);
    };
    const [online, broadcast] = [await lufs(-14), await lufs(-23)];
    expect(Math.abs(online + 14)).toBeLessThan(0.6);
    expect(Math.abs(broadcast + 23)).toBeLessThan(0.6);
  });

  it('as a cover: the opening with its words, or the frame that was chosen', async () => {
    const opening = await readFile((await deliver('cover')).out);
    expect(await sharp(opening).metadata()).toMatchObject({ format: 'jpeg', width: 480, height: 480 });
    const chosen = await readFile((await deliver('cover', { coverMs: 3000 })).out);
    const grey = (b: Buffer) => sharp(b).greyscale().resize(48, 48).raw().toBuffer();
    const [a, b] = [await grey(opening), await grey(chosen)];
    expect(a.reduce((s, v, i) => s + Math.abs(v - (b[i] as number)), 0) / a.length).toBeGreaterThan(4);
  });

  it('as a moving preview that any browser shows', async () => {
    const { out, lengthMs } = await deliver('preview');
    const about = await sharp(out, { animated: true }).metadata();
    expect(about).toMatchObject({ format: 'webp', width: 480, pageHeight: 480, loop: 0 });
    expect(Math.abs((about.pages ?? 0) - Math.min(60, lengthMs / 100))).toBeLessThanOrEqual(1);
    expect((await stat(out)).size).toBeLessThan(3_000_000);
  });

  it('or not, when it is called off: nothing is left of it', async () => {
    const off = new AbortController();
    off.abort();
    for (const kind of ['mp4', 'webm', 'preview'] as const) {
      const other = { captions: false, scenes: p.scenes.map((s) => ({ ...s, shown: `${s.shown} ${kind}` })) };
      await rm(path.join(folder, `${kind}-14.${deliveryKind(kind).ending}`), { force: true });
      await expect(deliver(kind, other, off.signal)).rejects.toThrow(RenderCancelled);
      await expect(stat(path.join(folder, `${kind}-14.${deliveryKind(kind).ending}`))).rejects.toThrow(
        'ENOENT',
      );
    }
  });

  it('in every kind that is offered', () => {
    expect(Object.keys(MAKERS).sort()).toEqual([...DELIVERY_KIND_NAMES].sort());
  });
});
