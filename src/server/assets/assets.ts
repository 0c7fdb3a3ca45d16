import { createHash } from 'node:crypto';
import { fileTypeFromBuffer } from 'file-type';
import sharp, { type OutputInfo, type Sharp } from 'sharp';
import { Failed, type Failure } from '../../core/failure.ts';
import { writeWhole } from '../store/files.ts';
import { analysePicture, thumbOf } from './analyse.ts';
import { isDrawing, safeDrawing } from './drawing.ts';
import { decodeHeic, isHeic } from './heic.ts';
import { embedded } from './keywords.ts';
import { type AssetRecord, assetPath, assetRecord, writeRecord } from './record.ts';

export const ASSET_LIMITS = {
  /** Bytes of a picture, and of a clip. */
  bytes: 60_000_000,
  clipBytes: 8_600_000_000,
  /** Pixels of a picture. */
  pixels: 150_000_000,
  /** The working copy's long side. */
  longSide: 2400,
  /** A drawing is made so large. */
  drawingSide: 1600,
  /** Smaller pictures look bad at any size. */
  leastSide: 160,
} as const;

const READABLE = new Set(['jpg', 'png', 'apng', 'webp', 'avif', 'gif', 'tif', 'heic', 'heif']);

/** What the one who brings it says of a picture. */
export interface About {
  title: string;
  licence: AssetRecord['licence'];
  origin: string | null;
}

/**
 * Takes a picture in: checked by its content, turned upright, in sRGB and at working size, without any of the file's
 * metadata; looked at for subject, colours, sharpness and near-duplicates. A drawing (SVG) is made safe and drawn; what
 * has no ground gets one that it can be seen on. The same file is taken in once.
 */
export async function importPicture(bytes: Buffer, about: About): Promise<AssetRecord> {
  if (bytes.length > ASSET_LIMITS.bytes)
    throw new Failed({ code: 'picture-large', bytes: bytes.length, most: ASSET_LIMITS.bytes });
  const id = `a${createHash('sha256').update(bytes).digest('hex').slice(0, 20)}`;
  const have = await assetRecord(id);
  if (have) return have;
  // Told by the first bytes before any decoder sees the rest.
  const drawing = isDrawing(bytes);
  const kind = drawing ? null : await fileTypeFromBuffer(bytes);
  if (!drawing && (!kind || !READABLE.has(kind.ext))) throw new Failed({ code: 'picture-kind' });
  const says = await embedded(bytes);
  let upright: Sharp;
  let working: Buffer;
  let info: OutputInfo;
  let cutOut = false;
  try {
    const sized = drawing
      ? await drawn(safeDrawing(bytes))
      : (await openPicture(bytes)).resize(ASSET_LIMITS.longSide, ASSET_LIMITS.longSide, {
          fit: 'inside',
          withoutEnlargement: true,
        });
    const { data, info: raw } = await sized.toColourspace('srgb').raw().toBuffer({ resolveWithObject: true });
    const pixels = { width: raw.width, height: raw.height, channels: raw.channels };
    const ground = raw.channels === 4 ? groundFor(data) : null;
    if (ground === 'nothing') throw new Failed({ code: 'drawing-empty' });
    cutOut = ground !== null;
    upright = sharp(data, { raw: pixels })
      .flatten({ background: ground ?? '#ffffff' })
      .toColourspace('srgb');
    const done = await upright.clone().webp({ quality: 88, effort: 3 }).toBuffer({ resolveWithObject: true });
    working = done.data;
    info = done.info;
  } catch (e) {
    throw new Failed(whyNot(e as Error));
  }
  if (Math.min(info.width, info.height) < ASSET_LIMITS.leastSide)
    throw new Failed({
      code: 'picture-small',
      width: info.width,
      height: info.height,
      least: ASSET_LIMITS.leastSide,
    });
  // What is seen in it is looked for in the pixels: the file just written need not be read again.
  const [thumb, seen] = await Promise.all([thumbOf(upright), analysePicture(upright)]);
  await writeWhole(assetPath(id, 'picture'), working);
  await writeWhole(assetPath(id, 'thumb'), thumb);
  return writeRecord({
    id,
    kind: 'still',
    title: says.title || about.title.slice(0, 200) || 'Picture',
    description: says.description,
    keywords: says.keywords,
    licence: about.licence,
    origin: about.origin,
    width: info.width,
    height: info.height,
    ...seen,
    ...(cutOut ? { focal: [0, 0, 1, 1] as const } : {}),
    takenAt: says.takenAt,
    durationMs: 0,
    sound: false,
    direct: false,
    cutOut,
  });
}

async function openPicture(bytes: Buffer): Promise<Sharp> {
  return isHeic(bytes)
    ? decodeHeic(bytes)
    : sharp(bytes, {
        limitInputPixels: ASSET_LIMITS.pixels,
        failOn: 'truncated',
        animated: false,
      }).autoOrient();
}

/** Dots an inch at which a drawing has the size that its numbers say. */
const DRAWING_DPI = 72;

/** A drawing at ASSET_LIMITS.drawingSide, drawn at that size and not enlarged afterwards. */
async function drawn(svg: Buffer): Promise<Sharp> {
  const side = ASSET_LIMITS.drawingSide;
  const { width, height } = await sharp(svg, { density: DRAWING_DPI }).metadata();
  const density = Math.max(1, Math.min(2400, (DRAWING_DPI * side) / Math.max(width, height, 1)));
  return sharp(svg, { limitInputPixels: ASSET_LIMITS.pixels, density }).resize(side, side, { fit: 'inside' });
}

/** A ground on which RGBA pixels can be seen: white, or ink under a light drawing; null when nothing is transparent. */
function groundFor(rgba: Buffer): string | 'nothing' | null {
  let clear = 0;
  let light = 0;
  let solid = 0;
  for (let i = 0; i < rgba.length; i += 4) {
    const a = rgba[i + 3] ?? 255;
    if (a < 128) clear++;
    else {
      solid++;
      light += 0.299 * (rgba[i] ?? 0) + 0.587 * (rgba[i + 1] ?? 0) + 0.114 * (rgba[i + 2] ?? 0);
    }
  }
  if (solid === 0) return 'nothing';
  if (clear / (clear + solid) < 0.02) return null;
  return light / solid > 190 ? '#1d1b22' : '#ffffff';
}

function whyNot(e: Error): Failure {
  if (e instanceof Failed) return e.failure;
  if (/pixel limit/i.test(e.message)) return { code: 'picture-pixels', most: ASSET_LIMITS.pixels };
  return /unsupported image format|Input buffer contains unsupported/i.test(e.message)
    ? { code: 'picture-kind' }
    : { code: 'picture-damaged' };
}
