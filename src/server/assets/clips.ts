import { createHash } from 'node:crypto';
import { createReadStream } from 'node:fs';
import { copyFile, mkdir, rename, rm, stat } from 'node:fs/promises';
import { fileTypeFromFile } from 'file-type';
import Joi from 'joi';
import pLimit from 'p-limit';
import sharp from 'sharp';
import { Failed } from '../../core/failure.ts';
import { joinReliefs } from '../../core/picture/relief.ts';
import { log } from '../log.ts';
import { run, start } from '../program.ts';
import { writeWhole } from '../store/files.ts';
import { analysePicture, MOST_HEADS, thumbOf } from './analyse.ts';
import { type About, ASSET_LIMITS } from './assets.ts';
import { type AssetRecord, assetFile, assetFolder, assetPath, assetRecord, writeRecord } from './record.ts';

const READABLE = new Set(['mp4', 'm4v', 'mov', 'webm', 'mkv']);

const CLIP = {
  /** Two hours, and some. */
  longestMs: 3 * 3_600_000,
  shortestMs: 200,
  /** Moments at which a clip is looked at, shares of its length. */
  looks: [0.12, 0.3, 0.5, 0.7, 0.88],
  lookSide: 1280,
  /** Pictures of the film strip, and the height of each. */
  stripPictures: 40,
  stripHeight: 72,
  /** A clip up to this length is read as a whole for its strip. */
  readWholeMs: 60_000,
  /** The proxy: small, and with a keyframe every half second, so that a player can go to any frame quickly. */
  proxySide: 960,
  proxyFps: 30,
  proxyKeyframe: 15,
} as const;

/** ffmpeg reads what the user brought: files only, whatever a playlist inside may ask for. */
const ONLY_FILES = ['-v', 'error', '-protocol_whitelist', 'file'];

/** Whether a file begins like a clip that is read. */
export async function isClip(file: string): Promise<boolean> {
  const kind = await fileTypeFromFile(file);
  return kind !== undefined && READABLE.has(kind.ext);
}

/**
 * Takes a clip in: checked by its content, probed, its picture looked at in several places. The file itself is kept for
 * the render; a proxy for playing is made in the background (see ensureProxy). move: the file may be moved away.
 */
export async function importClip(file: string, about: About, move: boolean): Promise<AssetRecord> {
  const { size } = await stat(file);
  if (size > ASSET_LIMITS.clipBytes)
    throw new Failed({ code: 'clip-large', bytes: size, most: ASSET_LIMITS.clipBytes });
  const id = `a${(await hashFile(file)).slice(0, 20)}`;
  const have = await assetRecord(id);
  if (have) return have;
  const facts = await probe(file);
  const pictures = await lookAt(file, facts);
  const best = pictures.reduce((a, b) => (b.worth > a.worth ? b : a));
  await mkdir(assetFolder(id), { recursive: true });
  const kept = assetPath(id, 'clip');
  if (move) await rename(file, kept).catch(() => copyWhole(file, kept));
  else await copyWhole(file, kept);
  const poster = await sharp(best.png).webp({ quality: 86 }).toBuffer();
  await writeWhole(assetPath(id, 'picture'), poster);
  await writeWhole(assetPath(id, 'thumb'), await thumbOf(poster));
  await writeWhole(assetPath(id, 'strip'), await filmStrip(kept, facts));
  const middle = (k: 0 | 1 | 2 | 3) => pictures.reduce((n, p) => n + p.looks.focal[k], 0) / pictures.length;
  const record = await writeRecord({
    id,
    kind: 'clip',
    title: facts.title || about.title.slice(0, 200) || 'Clip',
    description: '',
    keywords: [],
    licence: about.licence,
    origin: about.origin,
    width: facts.width,
    height: facts.height,
    ...best.looks,
    focal: [middle(0), middle(1), middle(2), middle(3)],
    relief: joinReliefs(pictures.map((p) => p.looks.relief)),
    heads: pictures.flatMap((p) => p.looks.heads).slice(0, MOST_HEADS),
    takenAt: facts.takenAt,
    durationMs: facts.durationMs,
    sound: facts.sound,
    direct: facts.direct,
    cutOut: false,
  });
  void ensureProxy(id);
  return record;
}

async function hashFile(file: string): Promise<string> {
  const hash = createHash('sha256');
  for await (const part of createReadStream(file, { highWaterMark: 1 << 20 })) hash.update(part as Buffer);
  return hash.digest('hex');
}

async function copyWhole(from: string, to: string): Promise<void> {
  const temporary = `${to}.${process.pid}.tmp`;
  try {
    await copyFile(from, temporary);
    await rename(temporary, to);
  } catch (e) {
    await rm(temporary, { force: true });
    throw e;
  }
}

interface ClipFacts {
  width: number;
  height: number;
  durationMs: number;
  sound: boolean;
  direct: boolean;
  title: string;
  takenAt: string | null;
}

const probeSchema = Joi.object({
  streams: Joi.array()
    .items(
      Joi.object({
        codec_type: Joi.string(),
        width: Joi.number(),
        height: Joi.number(),
        disposition: Joi.object().unknown(),
        side_data_list: Joi.array(),
        sample_aspect_ratio: Joi.string(),
      }).unknown(),
    )
    .required(),
  format: Joi.object({ duration: Joi.number(), tags: Joi.object().unknown() }).unknown().required(),
}).unknown();

const damaged = () => new Failed({ code: 'clip-damaged' });

/** Size as it is seen (turned upright, pixels made square), length and sound of a clip. */
async function probe(file: string): Promise<ClipFacts> {
  const { stdout } = await run(
    'ffprobe',
    [...ONLY_FILES, '-print_format', 'json', '-show_format', '-show_streams', '-i', file],
    { timeoutMs: 60_000 },
  ).catch(() => {
    throw damaged();
  });
  const { error, value } = probeSchema.validate(JSON.parse(stdout.toString('utf8')));
  if (error) throw damaged();
  // biome-ignore lint/suspicious/noExplicitAny: checked above
  const streams: any[] = value.streams;
  const video = streams.find((s) => s.codec_type === 'video' && !s.disposition?.attached_pic);
  if (!video?.width || !video.height) throw new Failed({ code: 'clip-no-picture' });
  const turn = Math.abs(
    Number(video.side_data_list?.find((d: { rotation?: number }) => d.rotation)?.rotation ?? 0),
  );
  const [sx = 1, sy = 1] = String(video.sample_aspect_ratio ?? '1:1')
    .split(':')
    .map(Number);
  const wide = Math.round(video.width * (sx > 0 && sy > 0 ? sx / sy : 1));
  const [width, height] = turn % 180 === 90 ? [video.height, wide] : [wide, video.height];
  const durationMs = Math.round(Number(value.format.duration ?? video.duration ?? 0) * 1000);
  if (!(durationMs >= CLIP.shortestMs)) throw damaged();
  if (durationMs > CLIP.longestMs)
    throw new Failed({
      code: 'clip-long',
      minutes: Math.round(durationMs / 60_000),
      most: CLIP.longestMs / 60_000,
    });
  if (Math.min(width, height) < ASSET_LIMITS.leastSide)
    throw new Failed({ code: 'clip-small', width, height, least: ASSET_LIMITS.leastSide });
  const tags = value.format.tags ?? {};
  const made = /^(\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2})/.exec(String(tags.creation_time ?? ''));
  return {
    width,
    height,
    durationMs,
    sound: streams.some((s) => s.codec_type === 'audio'),
    direct:
      video.codec_name === 'h264' &&
      video.pix_fmt === 'yuv420p' &&
      String(value.format.format_name ?? '').includes('mp4'),
    title: String(tags.title ?? '').slice(0, 200),
    takenAt: made && !made[1]?.startsWith('1970') ? (made[1] ?? null) : null,
  };
}

/** One picture of a clip, as PNG; null when there is none at that moment. */
async function frameOf(file: string, seconds: number, width: number, height: number): Promise<Buffer | null> {
  const { stdout } = await run(
    'ffmpeg',
    [
      ...ONLY_FILES,
      ...['-ss', seconds.toFixed(3), '-i', file, '-an', '-frames:v', '1'],
      ...['-vf', `scale=${width}:${height}`, '-f', 'image2pipe', '-c:v', 'png', 'pipe:1'],
    ],
    { timeoutMs: 60_000 },
  ).catch(() => ({ stdout: Buffer.alloc(0) }));
  return stdout.length ? stdout : null;
}

/** A size with the same proportions, even both ways as encoders want it, whose long side is at most `side`. */
function evenSize({ width, height }: { width: number; height: number }, side: number): [number, number] {
  const k = Math.min(1, side / Math.max(width, height));
  const even = (n: number) => Math.max(2, Math.round((n * k) / 2) * 2);
  return [even(width), even(height)];
}

async function lookAt(file: string, facts: ClipFacts) {
  const [width, height] = evenSize(facts, CLIP.lookSide);
  const out: { png: Buffer; looks: Awaited<ReturnType<typeof analysePicture>>; worth: number }[] = [];
  for (const share of CLIP.looks) {
    const png = await frameOf(file, (facts.durationMs / 1000) * share, width, height);
    if (!png) continue;
    const looks = await analysePicture(png);
    const { channels } = await sharp(png).stats();
    const light = channels.slice(0, 3).reduce((n, c) => n + c.mean, 0) / 3;
    // Sharp, and neither black nor burnt out: that is the picture that stands for the clip.
    out.push({ png, looks, worth: looks.sharpness * (light < 18 || light > 240 ? 0.05 : 1) });
  }
  if (!out.length) throw damaged();
  return out;
}

/** Small pictures of a clip at even moments, side by side. */
async function filmStrip(file: string, facts: ClipFacts): Promise<Buffer> {
  const height = CLIP.stripHeight;
  const width = Math.max(2, Math.round((height * facts.width) / facts.height / 2) * 2);
  if (facts.durationMs <= CLIP.readWholeMs) {
    const rate = (CLIP.stripPictures * 1000) / facts.durationMs;
    const { stdout } = await run(
      'ffmpeg',
      [
        ...[...ONLY_FILES, '-i', file, '-an', '-frames:v', '1'],
        ...[
          '-vf',
          `fps=${rate.toFixed(6)}:start_time=0,scale=${width}:${height},tile=${CLIP.stripPictures}x1`,
        ],
        ...['-f', 'image2pipe', '-c:v', 'png', 'pipe:1'],
      ],
      { timeoutMs: 120_000 },
    );
    return sharp(stdout).webp({ quality: 70 }).toBuffer();
  }
  // Of a long clip, jumping to each picture is quicker than reading it all.
  const limit = pLimit(2);
  const pictures = await Promise.all(
    Array.from({ length: CLIP.stripPictures }, (_, i) =>
      limit(() => frameOf(file, ((i + 0.5) / CLIP.stripPictures) * (facts.durationMs / 1000), width, height)),
    ),
  );
  return sharp({
    create: { width: width * pictures.length, height, channels: 3, background: '#1d1b22' },
  })
    .composite(pictures.flatMap((input, i) => (input ? [{ input, left: i * width, top: 0 }] : [])))
    .webp({ quality: 70 })
    .toBuffer();
}

const making = new Map<string, { done: number; failed: string | null }>();
const oneAtATime = pLimit(1);

/** How far the proxy of a clip is: 1 when it can be played; a share while it is made; words when it cannot be. */
export async function proxyState(id: string): Promise<{ done: number; failed: string | null }> {
  if (await assetFile(id, 'proxy')) return { done: 1, failed: null };
  void ensureProxy(id);
  return making.get(id) ?? { done: 0, failed: null };
}

/** Waits until every proxy that was begun in this process is made, or has failed. */
export async function proxiesMade(): Promise<void> {
  while ([...making.values()].some((m) => !m.failed)) await oneAtATime(async () => undefined);
}

/** Has the proxy of a clip made, if it is not there and not on its way. One at a time, and gently. */
async function ensureProxy(id: string): Promise<void> {
  if (making.has(id) || (await assetFile(id, 'proxy'))) return;
  const record = await assetRecord(id);
  const file = await assetFile(id, 'clip');
  if (!record || !file || making.has(id)) return;
  const state = { done: 0, failed: null as string | null };
  making.set(id, state);
  await oneAtATime(async () => {
    const temporary = `${assetPath(id, 'proxy')}.${process.pid}.tmp`;
    try {
      await makeProxy(file, temporary, record, (done) => {
        state.done = done;
      });
      await rename(temporary, assetPath(id, 'proxy'));
      making.delete(id);
    } catch (e) {
      await rm(temporary, { force: true });
      state.failed = 'This clip cannot be played here, but it can be rendered.';
      log.error({ err: e, id }, 'a proxy could not be made');
    }
  });
}

async function makeProxy(
  file: string,
  out: string,
  record: AssetRecord,
  onDone: (share: number) => void,
): Promise<void> {
  const [width, height] = evenSize(record, CLIP.proxySide);
  const child = start(
    'nice',
    [
      ...['-n', '10', 'ffmpeg', ...ONLY_FILES, '-progress', 'pipe:1', '-y', '-i', file],
      ...['-map', '0:v:0', '-map', '0:a:0?', '-sn', '-dn', '-map_metadata', '-1'],
      ...['-vf', `scale=${width}:${height},setsar=1,fps=${CLIP.proxyFps}:start_time=0`],
      ...['-c:v', 'libx264', '-preset', 'veryfast', '-crf', '25', '-pix_fmt', 'yuv420p'],
      ...['-g', String(CLIP.proxyKeyframe), '-bf', '0'],
      ...['-c:a', 'aac', '-b:a', '128k', '-ac', '2', '-movflags', '+faststart', '-f', 'mp4', out],
    ],
    ['ignore', 'pipe', 'pipe'],
  );
  let said = '';
  child.stderr?.on('data', (d: Buffer) => {
    said = (said + d.toString('utf8')).slice(-2000);
  });
  child.stdout?.on('data', (d: Buffer) => {
    const at = [...d.toString('utf8').matchAll(/out_time_us=(\d+)/g)].at(-1)?.[1];
    if (at) onDone(Math.min(0.99, Number(at) / 1000 / record.durationMs));
  });
  const code = await new Promise<number | null>((resolve, reject) => {
    child.on('error', reject);
    child.on('close', resolve);
  });
  if (code !== 0)
    throw new Error(`ffmpeg ended with code ${code}: ${said.trim().split('\n').slice(-3).join(' / ')}`);
}
