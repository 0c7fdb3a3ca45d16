import { mkdir, open, readFile, stat } from 'node:fs/promises';
import path from 'node:path';
import { parseArgs } from 'node:util';
import iconv from 'iconv-lite';
import { nanoid } from 'nanoid';
import { draftFromLines } from '../core/outline/draft.ts';
import { LIMITS } from '../core/piece/schema.ts';
import { FORMATS, type Format, MOODS, type Mood, type Piece, spokenOf } from '../core/piece/types.ts';
import { DEFAULT_VOICE, VOICES } from '../core/sound/speech.ts';
import { cutScript, SPLITS, type Split } from '../core/text/script.ts';
import { framesToMs } from '../core/time.ts';
import { HEIGHTS, type Height, renderSize } from '../core/timeline/segments.ts';
import type { Facts, Timeline } from '../core/timeline/types.ts';
import { prepare } from '../server/material.ts';
import { render } from '../server/render/render.ts';
import { shelf, withPictures } from '../server/shelf/shelf.ts';

/** A mistake of the user's: one clear line, exit code 2. */
export class UsageError extends Error {
  override name = 'UsageError';
}

export const MAKE_USAGE =
  'usage: nabbet make FILE [-o OUT.mp4] [--format 9:16|1:1|16:9] [--height 480|720|1080] [--split sentence|line|paragraph] [--voice NAME] [--music MOOD|none] [--json]';

/** The longest script that is read, bytes. */
const LONGEST_SCRIPT = 500_000;

interface MakeOptions {
  file: string;
  out: string;
  format: Format;
  height: Height;
  split: Split;
  voice: string;
  mood: Mood;
  json: boolean;
}

function parse(argv: string[]): MakeOptions {
  let parsed: ReturnType<typeof read>;
  try {
    parsed = read(argv);
  } catch (e) {
    throw new UsageError(`${(e as Error).message.split('.')[0]}. ${MAKE_USAGE}`);
  }
  const { values, positionals } = parsed;
  const file = positionals[0];
  if (file === undefined) throw new UsageError(`Which text should become a video? ${MAKE_USAGE}`);
  if (positionals.length > 1)
    throw new UsageError(`One file at a time; got ${positionals.length}. ${MAKE_USAGE}`);
  const one = <T extends string>(
    name: string,
    value: string | undefined,
    allowed: readonly T[],
    fallback: T,
  ): T => {
    if (value === undefined) return fallback;
    const found = allowed.find((a) => a === value);
    if (found === undefined)
      throw new UsageError(`--${name} is one of ${allowed.join(', ')}; got “${value}”.`);
    return found;
  };
  const height = Number(one('height', values.height, ['480', '720', '1080'], '1080')) as Height;
  return {
    file,
    out: values.out ?? `${path.basename(file, path.extname(file))}.mp4`,
    format: one('format', values.format, FORMATS, '9:16'),
    height: HEIGHTS.find((h) => h === height) ?? 1080,
    split: one('split', values.split, SPLITS, 'sentence'),
    voice: one(
      'voice',
      values.voice,
      VOICES.map((v) => v.name),
      DEFAULT_VOICE,
    ),
    mood: one('music', values.music, MOODS, 'gentle'),
    json: values.json ?? false,
  };
}

const read = (argv: string[]) =>
  parseArgs({
    args: argv,
    allowPositionals: true,
    options: {
      out: { type: 'string', short: 'o' },
      format: { type: 'string' },
      height: { type: 'string' },
      split: { type: 'string' },
      voice: { type: 'string' },
      music: { type: 'string' },
      json: { type: 'boolean' },
    },
  });

/** Reads a script. Every way in which a file is none gets its own sentence. */
async function readScript(file: string): Promise<string> {
  const info = await stat(file).catch(() => null);
  if (!info) throw new UsageError(`There is no file ${file}.`);
  if (!info.isFile()) throw new UsageError(`${file} is a folder; give a text file.`);
  if (info.size > LONGEST_SCRIPT)
    throw new UsageError(
      `${file} has ${(info.size / 1e6).toFixed(1)} MB; a script has at most ${LONGEST_SCRIPT / 1e6} MB. Take a part of it.`,
    );
  const bytes = await readFile(file).catch((e: NodeJS.ErrnoException) => {
    throw new UsageError(`${file} cannot be read: ${e.code === 'EACCES' ? 'no permission' : e.message}.`);
  });
  if (bytes.includes(0))
    throw new UsageError(`${file} is not a text file. Save the script as plain text (.txt) and try again.`);
  let text: string;
  try {
    text = new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    text = iconv.decode(bytes, 'windows-1252');
    if (/\p{Cc}/u.test(text.replace(/[\t\n\v\f\r]/g, '')))
      throw new UsageError(`${file} is not a text file. Save the script as plain text (.txt) and try again.`);
  }
  if (!text.trim()) throw new UsageError(`${file} is empty.`);
  return text;
}

/** Makes sure that the result can be written before any work is done. */
async function checkOutput(out: string): Promise<void> {
  const folder = path.dirname(path.resolve(out));
  try {
    await mkdir(folder, { recursive: true });
    if ((await stat(out).catch(() => null))?.isDirectory())
      throw new UsageError(`${out} is a folder; give a file name that ends in .mp4.`);
    const probe = await open(path.join(folder, `.nabbet-${process.pid}`), 'w');
    await probe.close();
    await (await import('node:fs/promises')).rm(path.join(folder, `.nabbet-${process.pid}`), { force: true });
  } catch (e) {
    if (e instanceof UsageError) throw e;
    throw new UsageError(`Nothing can be written to ${folder}: ${(e as Error).message}.`);
  }
}

/** nabbet make: a text file in, an MP4 out, without a browser or a database. */
export async function make(argv: string[]): Promise<void> {
  const options = parse(argv);
  const script = await readScript(options.file);
  await checkOutput(options.out);
  const lines = cutScript(script, options.split);
  if (!lines.length) throw new UsageError(`${options.file} has no words in it that could become a scene.`);
  if (lines.length > LIMITS.scenes)
    throw new UsageError(
      `This script makes ${lines.length} scenes; a piece holds at most ${LIMITS.scenes}. Take a part of it, or --split paragraph.`,
    );
  const draft = draftFromLines(
    lines,
    { format: options.format, voice: options.voice, mood: options.mood },
    () => nanoid(10),
  );
  say(`${lines.length} scenes; looking for pictures`);
  const piece = await withPictures(draft);
  const { timeline, facts, unspoken } = await prepare(piece, (done, total, what) =>
    say(`${what} ${done} of ${total}`),
  );
  for (const text of unspoken) say(`no voice can say “${text.slice(0, 60)}”; the scene stays silent`);
  const began = Date.now();
  await render(timeline, {
    height: options.height,
    out: options.out,
    onProgress: ({ done, total }) => {
      const left = done ? ((Date.now() - began) / done) * (total - done) : 0;
      say(`picture ${done} of ${total} frames, about ${Math.ceil(left / 1000)} s left`);
    },
  });
  say(`${options.out} is ready`);
  if (options.json)
    process.stdout.write(`${JSON.stringify(await describe(piece, timeline, facts, options.height))}\n`);
}

/** What --json prints: the piece as it was made. */
async function describe(piece: Piece, timeline: Timeline, facts: Facts, height: Height) {
  const { entries } = await shelf();
  return {
    title: piece.title,
    durationMs: framesToMs(timeline.frames),
    ...renderSize(timeline, height),
    scenes: piece.scenes.map((scene, i) => {
      const at = timeline.scenes[i];
      const spoken = spokenOf(scene).replace(/\s+/g, ' ').trim();
      const entry = scene.picture && entries.get(scene.picture.assetId);
      const voiceMs = at?.voice ? Math.round(at.voice.start / 48) : 0;
      const take = at?.voice ? facts.takes[at.voice.key] : undefined;
      return {
        shown: scene.shown,
        spoken,
        startMs: framesToMs(at?.start ?? 0),
        endMs: framesToMs(at?.end ?? 0),
        picture:
          entry && scene.picture
            ? { id: entry.id, title: entry.title, tags: entry.tags, reason: scene.picture.reason }
            : null,
        words: (take?.words ?? []).map((w) => ({
          text: spoken.slice(w.start, w.end),
          startMs: voiceMs + w.startMs,
          endMs: voiceMs + w.endMs,
        })),
      };
    }),
  };
}

function say(text: string): void {
  process.stderr.write(`${text}\n`);
}
