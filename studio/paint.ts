import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import { mkdir, readFile, rename, writeFile } from 'node:fs/promises';
import { availableParallelism } from 'node:os';
import path from 'node:path';
import sharp from 'sharp';
import { contentWords } from '../src/core/text/tokens.ts';
import {
  type CatalogueEntry,
  type CatalogueFile,
  packVector,
  WORDS_FILE,
} from '../src/server/shelf/catalogue.ts';
import { embedder } from '../src/server/shelf/embedder.ts';
import { CATALOGUE, type CatalogueRow, type View } from './catalogue/index.ts';
import { nth } from './kit/named.ts';
import { writeReliefs } from './reliefs.ts';
import { focalBox, LOOP_FPS, LOOP_SECONDS, paintLoop, paintStill, SIZES } from './render.ts';
import { paintTextures } from './textures.ts';

/**
 * Paints the shelf: `tsx studio/paint.ts FOLDER [id,id…]`. Pictures that are there already are kept unless they are
 * named. Each processor paints a share in a process of its own; then the catalogue file is written anew.
 */
const WORDS_AT_ONCE = 32;
const STILLS = { avif: { quality: 50, effort: 2 }, webp: { quality: 82 } } as const;
const LOOP_CRF = 28;
const [folder = 'shelf', only, share] = process.argv.slice(2);
let named = only ? only.split(',') : [];
const again = named;
await mkdir(folder, { recursive: true });
if (share) {
  const [part = 0, parts = 1] = share.split('/').map(Number);
  for (const [i, row] of CATALOGUE.entries())
    if (i % parts === part) for (const view of ['wide', 'tall'] as const) await paintView(row, view);
  process.exit(0);
}
const parts = availableParallelism();
const codes = await Promise.all(
  Array.from({ length: parts }, (_, part) => {
    const child = spawn(
      process.execPath,
      [...process.execArgv, ...process.argv.slice(1, 2), folder, only ?? '', `${part}/${parts}`],
      { stdio: 'inherit' },
    );
    return new Promise((done) => child.on('close', done));
  }),
);
if (codes.some((code) => code !== 0)) process.exit(1);
named = [];

const read = vectorsRead();
const entries: CatalogueEntry[] = [];
for (const row of CATALOGUE) {
  const views = { wide: await paintView(row, 'wide'), tall: await paintView(row, 'tall') };
  const [textVector = '', tagsVector = ''] = await meanings([
    `${row.title}. ${row.description}`,
    row.tags.join(', '),
  ]);
  const { id, kind, title, description, tags, motif, slots, people, mood, setting, time, room, usedFor } =
    row;
  const usedForVectors = await meanings(usedFor);
  entries.push({
    id,
    kind,
    title,
    description,
    tags,
    motif,
    // A detail of a scene is a picture of its own.
    group: [motif, slots?.thing ?? slots?.place ?? (row.wide ? id : '')].filter(Boolean).join('/'),
    palette: row.pal ?? '',
    people,
    mood,
    setting,
    time,
    room,
    licence: 'free',
    views,
    loopFrames: kind === 'loop' ? LOOP_FPS * LOOP_SECONDS : 0,
    textVector,
    tagsVector,
    calledFor: row.calledFor,
    ground: row.ground ?? false,
    usedFor: usedFor.map((text, i) => ({ text, vector: nth(usedForVectors, i) })),
  });
}
const tags = [...new Set(CATALOGUE.flatMap((r) => r.tags))].sort();
const tagMeanings = await meanings(tags);
const file: CatalogueFile = {
  version: 2,
  entries,
  tagVectors: Object.fromEntries(tags.map((t, i) => [t, nth(tagMeanings, i)])),
};
await writeFile(path.join(folder, 'catalogue.json'), `${JSON.stringify(file, null, 1)}\n`);
console.log(`${await writeReliefs(folder, CATALOGUE, again)} pictures were measured for words`);
console.log(`${entries.length} pictures, ${tags.length} tags, ${await readWords()} words`);

/** Texts that the model has read for the catalogue as it was, with their packed vectors. */
function vectorsRead(): Map<string, string> {
  const file = path.join(folder, 'catalogue.json');
  if (!existsSync(file)) return new Map();
  const before: CatalogueFile = JSON.parse(readFileSync(file, 'utf8'));
  return new Map([
    ...before.entries.flatMap((e): [string, string][] => [
      [`${e.title}. ${e.description}`, e.textVector],
      [e.tags.join(', '), e.tagsVector],
      ...e.usedFor.map(({ text, vector }): [string, string] => [text, vector]),
    ]),
    ...Object.entries(before.tagVectors),
  ]);
}

/** Packed meanings of texts, in their order. */
async function meanings(texts: readonly string[]): Promise<string[]> {
  const fresh = [...new Set(texts.filter((t) => !read.has(t)))];
  const vectors = fresh.length ? await embedder.embed(fresh) : [];
  for (const [i, t] of fresh.entries()) read.set(t, packVector(nth(vectors, i)));
  return texts.map((t) => read.get(t) ?? '');
}

/** Has the model read the words of the shelf and the common ones of English, those that it has not read before. */
async function readWords(): Promise<number> {
  const target = path.join(folder, WORDS_FILE);
  const before: Record<string, string> = existsSync(target) ? JSON.parse(await readFile(target, 'utf8')) : {};
  const common = (await readFile(new URL('./catalogue/words.txt', import.meta.url), 'utf8')).split(/\s+/);
  const said = entries.flatMap((e) => [e.title, e.description, ...e.tags, ...e.usedFor.map((s) => s.text)]);
  const wanted = [
    ...new Set([...common, ...said.flatMap((t) => contentWords(t).map((w) => w.text.toLowerCase()))]),
  ]
    .filter(Boolean)
    .sort();
  const fresh = wanted.filter((w) => !before[w]);
  const found = new Map<string, string>();
  for (let i = 0; i < fresh.length; i += WORDS_AT_ONCE) {
    const part = fresh.slice(i, i + WORDS_AT_ONCE);
    const read = await embedder.embed(part);
    for (const [k, w] of part.entries()) found.set(w, packVector(nth(read, k)));
  }
  const all = Object.fromEntries(wanted.map((w) => [w, before[w] ?? found.get(w)]));
  await writeFile(target, `${JSON.stringify(all, null, 0).replaceAll('","', '",\n"')}\n`);
  return wanted.length;
}

/** Stills are AVIF, two thirds as large as WebP at the same likeness; those that were there before stay as they are. */
function stillForm(row: CatalogueRow, view: View): 'avif' | 'webp' {
  return existsSync(path.join(folder, `${row.id}-${view}.webp`)) ? 'webp' : 'avif';
}

async function paintView(row: CatalogueRow, view: View) {
  const { w, h } = SIZES[row.kind][view];
  const form = stillForm(row, view);
  const name = `${row.id}-${view}.${row.kind === 'loop' ? 'mp4' : form}`;
  const thumb = `${row.id}-${view}-thumb.webp`;
  const target = path.join(folder, name);
  if (named.includes(row.id) || !existsSync(target) || !existsSync(path.join(folder, thumb))) {
    const began = Date.now();
    const still = row.kind === 'still' ? paintStill(row, view) : null;
    if (still)
      await sharp(Buffer.from(still.data()), { raw: { width: w, height: h, channels: 4 } })
        .removeAlpha()
        .toFormat(form, STILLS[form])
        .toFile(target);
    const first = still ? Buffer.from(still.data()) : await encodeLoop(row, view, target);
    await sharp(first, { raw: { width: w, height: h, channels: 4 } })
      .removeAlpha()
      .resize({ width: view === 'wide' ? 480 : 270 })
      .webp({ quality: 78 })
      .toFile(path.join(folder, thumb));
    console.log(name, `${((Date.now() - began) / 1000).toFixed(1)} s`);
  }
  const bytes = await readFile(target);
  const small = await sharp(path.join(folder, thumb)).resize(24, 24, { fit: 'fill' }).raw().toBuffer();
  return {
    file: name,
    thumb,
    width: w,
    height: h,
    focal: focalBox(row, view),
    hash: createHash('sha256').update(bytes).digest('hex').slice(0, 32),
    colours: dominant(small),
  };
}

/** Three colours that the picture is made of: means of the darkest, middle and lightest third. */
function dominant(rgb: Buffer): string[] {
  const px = Array.from({ length: rgb.length / 3 }, (_, i) => [...rgb.subarray(i * 3, i * 3 + 3)]);
  const light = (p: number[]) => nth(p, 0) * 0.3 + nth(p, 1) * 0.59 + nth(p, 2) * 0.11;
  px.sort((a, b) => light(a) - light(b));
  const third = Math.floor(px.length / 3);
  return [0, 1, 2].map((k) => {
    const part = px.slice(k * third, (k + 1) * third);
    return `#${[0, 1, 2]
      .map((c) =>
        Math.round(part.reduce((n, p) => n + nth(p, c), 0) / part.length)
          .toString(16)
          .padStart(2, '0'),
      )
      .join('')}`;
  });
}

/** A keyframe every half second, so that players find any frame at once. Gives the first frame. */
async function encodeLoop(row: CatalogueRow, view: View, target: string): Promise<Buffer> {
  const { width, height, frames } = paintLoop(row, view);
  const temporary = `${target}.tmp.mp4`;
  const ffmpeg = spawn(
    'ffmpeg',
    [
      '-y',
      '-v',
      'error',
      '-f',
      'rawvideo',
      '-pix_fmt',
      'rgba',
      '-s',
      `${width}x${height}`,
      '-r',
      String(LOOP_FPS),
      '-i',
      'pipe:0',
      '-an',
      '-vf',
      'scale=out_color_matrix=bt709:out_range=tv:flags=bicubic,format=yuv420p',
      '-c:v',
      'libx264',
      '-preset',
      'medium',
      '-crf',
      String(LOOP_CRF),
      '-g',
      '30',
      '-colorspace',
      'bt709',
      '-color_primaries',
      'bt709',
      '-color_trc',
      'bt709',
      '-movflags',
      '+faststart',
      temporary,
    ],
    { stdio: ['pipe', 'inherit', 'inherit'] },
  );
  let first: Buffer | null = null;
  for (const frame of frames) {
    first ??= frame;
    if (!ffmpeg.stdin.write(frame)) await new Promise((r) => ffmpeg.stdin.once('drain', r));
  }
  ffmpeg.stdin.end();
  const code = await new Promise((r) => ffmpeg.on('close', r));
  if (code !== 0 || !first) throw new Error(`ffmpeg ended with code ${code}`);
  await rename(temporary, target);
  return first;
}
await paintTextures('public/textures');
