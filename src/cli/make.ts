import { mkdir, open, rm, stat } from 'node:fs/promises';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { DELIVERY_KIND_NAMES, type DeliveryKindName } from '../core/deliver/kinds.ts';
import { PIECE_FILE_NAMES, type PieceFileName } from '../core/exchange/types.ts';
import type { Format } from '../core/look/formats.ts';
import { LOOK_NAMES } from '../core/look/looks.ts';
import { MOOD_NAMES } from '../core/music/moods.ts';
import { type AskedMood, SUITED_MUSIC } from '../core/music/suited.ts';
import { ANGLES } from '../core/outline/angles.ts';
import { PAINTERS, type PainterChoice } from '../core/paint/painters.ts';
import { DEFAULT_VOICE } from '../core/sound/voices.ts';
import { SPLITS } from '../core/text/script.ts';
import { HEIGHTS, type Height } from '../core/timeline/heights.ts';
import { formatsIn } from './formats.ts';
import type { InputOptions } from './input.ts';
import type { Outcome } from './make-several.ts';
import { UsageError } from './usage.ts';

const MAKE_USAGE =
  'usage: nabbet make FILE|FOLDER|ADDRESS ... [-o OUT.mp4] [choices]; nabbet make --help says which there are.';

export interface MakeOptions extends InputOptions {
  /** All that was named; input is the first. */
  inputs: string[];
  out: string;
  /** Whether that was said. */
  outGiven: boolean;
  /** A text with {column} for each value of a row, and what the videos of its rows are called. */
  pattern: string | null;
  name: string | null;
  kinds: DeliveryKindName[];
  /** A video for each; pictures are chosen for the first one, which is `format`. */
  formats: Format[];
  height: Height;
  painter: PainterChoice;
  /** Written beside the video. */
  files: PieceFileName[];
  json: boolean;
}

/** Lengths that can be asked for, seconds. */
const TARGET = { least: 5, most: 1800 } as const;

/** What make is told, and outline with it. */
export function parse(argv: string[]): MakeOptions {
  let parsed: ReturnType<typeof read>;
  try {
    parsed = read(argv);
  } catch (e) {
    throw new UsageError(`${(e as Error).message.split('.')[0]}. ${MAKE_USAGE}`);
  }
  const { values, positionals } = parsed;
  const file = positionals[0];
  if (file === undefined) throw new UsageError(`Which text should become a video? ${MAKE_USAGE}`);
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
  const target = values.target === undefined ? null : Number(values.target);
  if (target !== null && !(target >= TARGET.least && target <= TARGET.most))
    throw new UsageError(
      `--target is a number of seconds from ${TARGET.least} to ${TARGET.most}; got “${values.target}”.`,
    );
  const formats = formatsIn(values.format ?? values.formats ?? '9:16');
  return {
    input: file,
    inputs: positionals,
    ...{ words: null, left: [], pattern: values.pattern ?? null, name: values.name ?? null },
    outGiven: values.out !== undefined,
    kinds: [
      ...new Set(
        (values.deliver ?? 'mp4').split(',').map((k) => one('deliver', k.trim(), DELIVERY_KIND_NAMES, 'mp4')),
      ),
    ],
    as:
      values.as === undefined
        ? null
        : one('as', values.as, ['script', 'article', 'product'] as const, 'script'),
    targetMs: target === null ? null : Math.round(target * 1000),
    angle:
      values.angle === undefined
        ? null
        : one('angle', values.angle.toLowerCase().replace(/[-_]/g, ' '), ANGLES, 'three reasons'),
    chapters: numbers(values.chapters),
    out: values.out ?? `${path.basename(file, path.extname(file))}.mp4`,
    format: formats[0] ?? '9:16',
    formats: [...new Set(formats)],
    look:
      values.look === undefined ? null : one('look', values.look, LOOK_NAMES, LOOK_NAMES[0] ?? 'paper-tape'),
    painter: one('painter', values.painter, PAINTERS, 'auto'),
    height: HEIGHTS.find((h) => h === height) ?? 1080,
    split: one('split', values.split, SPLITS, 'sentence'),
    // Which voices there are is known when it is looked: see voiceCalled.
    voice: values.voice ?? DEFAULT_VOICE,
    voiceAsked: values.voice !== undefined,
    mood: moodOf(one('music', values.music, [...MOOD_NAMES, SUITED_MUSIC, NO_MUSIC], SUITED_MUSIC)),
    files: [
      ...new Set((values.with?.split(',') ?? []).map((f) => one('with', f.trim(), PIECE_FILE_NAMES, 'srt'))),
    ],
    json: values.json ?? false,
  };
}

const NO_MUSIC = 'none';
const moodOf = (asked: NonNullable<AskedMood> | typeof NO_MUSIC): AskedMood =>
  asked === NO_MUSIC ? null : asked;

function numbers(text: string | undefined): number[] {
  if (text === undefined) return [];
  const found = text.split(',').map((t) => Number(t.trim()));
  if (found.some((n) => !Number.isInteger(n) || n < 1))
    throw new UsageError(`--chapters are numbers with commas between, such as 1,2; got “${text}”.`);
  return found;
}

const read = (argv: string[]) =>
  parseArgs({
    args: argv,
    allowPositionals: true,
    options: {
      out: { type: 'string', short: 'o' },
      pattern: { type: 'string' },
      name: { type: 'string' },
      deliver: { type: 'string' },
      format: { type: 'string' },
      formats: { type: 'string' },
      look: { type: 'string' },
      painter: { type: 'string' },
      height: { type: 'string' },
      as: { type: 'string' },
      target: { type: 'string' },
      angle: { type: 'string' },
      chapters: { type: 'string' },
      split: { type: 'string' },
      voice: { type: 'string' },
      music: { type: 'string' },
      with: { type: 'string' },
      json: { type: 'boolean' },
    },
  });

/** Makes sure that the result can be written before any work is done. */
async function checkOutput(out: string): Promise<void> {
  const folder = path.dirname(path.resolve(out));
  try {
    await mkdir(folder, { recursive: true });
    if ((await stat(out).catch(() => null))?.isDirectory())
      throw new UsageError(`${out} is a folder; give a file name that ends in .mp4.`);
    const probe = await open(path.join(folder, `.nabbet-${process.pid}`), 'w');
    await probe.close();
    await rm(path.join(folder, `.nabbet-${process.pid}`), { force: true });
  } catch (e) {
    if (e instanceof UsageError) throw e;
    throw new UsageError(`Nothing can be written to ${folder}: ${(e as Error).message}.`);
  }
}

/** A mistake in the name is answered at once, before anything large is loaded. */
async function checkInput(input: string): Promise<void> {
  if (/^https?:\/\//i.test(input)) return;
  if (!(await stat(input).catch(() => null))) throw new UsageError(`There is no file ${input}.`);
}

/** What is asked for, once it is known that it can be done. Throws a UsageError that says in one line what to change. */
export async function makeOptions(argv: string[]): Promise<MakeOptions> {
  const options = parse(argv);
  if (options.inputs.length > 1)
    throw new UsageError(`One file at a time; got ${options.inputs.length}. ${MAKE_USAGE}`);
  await checkInput(options.input);
  await checkOutput(options.out);
  return options;
}

/** nabbet make: words, pages or photos in, videos out, without a browser or a database. Ends with 1 when one of several failed. */
export async function make(argv: string[]): Promise<void> {
  const asked = parse(argv);
  for (const input of asked.inputs) await checkInput(input);
  const { jobsOf } = await import('./batch.ts');
  const jobs = await jobsOf(asked);
  const say = (line: string) => process.stderr.write(`${line}\n`);
  if (jobs === null) {
    await checkOutput(asked.out);
    const { makeVideo } = await import('./make-video.ts');
    const { described } = await makeVideo(asked, say);
    if (asked.json) process.stdout.write(`${JSON.stringify(described)}\n`);
    return;
  }
  if (jobs[0]) await checkOutput(jobs[0].out);
  const { makeSeveral, summary } = await import('./make-several.ts');
  const outcomes = await makeSeveral(jobs, say);
  process.stdout.write(
    asked.json ? `${JSON.stringify(outcomes.map(plainOutcome))}\n` : `${summary(outcomes)}\n`,
  );
  if (outcomes.some((o) => !o.ok)) process.exitCode = 1;
}

/** What --json prints of several. */
const plainOutcome = (o: Outcome) =>
  o.ok ? { from: o.label, ok: true, ...o.made, left: o.left } : { from: o.label, ok: false, why: o.why };
