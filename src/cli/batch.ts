import { readdir, readFile, stat } from 'node:fs/promises';
import path from 'node:path';
import { parse as parseTable } from 'csv-parse/sync';
import { filledPattern, placesIn } from '../core/text/pattern.ts';
import { decodeText } from '../server/read/decode.ts';
import { readableEndings } from '../server/read/readers.ts';
import type { MakeOptions } from './make.ts';
import { UsageError } from './usage.ts';

/** One video of several that are asked for together. */
export interface Job extends MakeOptions {
  /** What it is made from, as it is called in the summary. */
  label: string;
}

/** Pictures by their endings: a folder with some is one video of photos. */
const PHOTO = /\.(jpe?g|png|webp|heic|heif|avif|gif|tiff?|mp4|mov|webm|m4v)$/i;

const isTable = (file: string): boolean => /\.(csv|tsv)$/i.test(file);
export const isReadable = (name: string): boolean =>
  !name.startsWith('.') && readableEndings().includes(path.extname(name).toLowerCase());

/** Whether a folder is texts to be made into a video each; one with photos is a video by itself. */
async function textsIn(folder: string): Promise<string[]> {
  const names = (await readdir(folder)).sort();
  if (names.some((n) => PHOTO.test(n))) return [];
  return names.filter(isReadable).map((n) => path.join(folder, n));
}

/** Everything that is asked for, one by one; null when it is a single video, as ever. Throws UsageError. */
export async function jobsOf(options: MakeOptions): Promise<Job[] | null> {
  const { inputs } = options;
  if (options.pattern !== null && !(inputs.length === 1 && isTable(inputs[0] as string)))
    throw new UsageError('--pattern goes with one table: nabbet make rows.csv --pattern words.txt -o FOLDER');
  const [first] = inputs;
  if (inputs.length === 1 && first !== undefined) {
    if (isTable(first)) return named(await rowsOf(first, options), options);
    const folder = (await stat(first).catch(() => null))?.isDirectory();
    const texts = folder ? await textsIn(first) : [];
    return texts.length
      ? named(
          texts.map((input) => one(input, options)),
          options,
        )
      : null;
  }
  const all: Unnamed[] = [];
  for (const input of inputs) {
    if (isTable(input))
      throw new UsageError(`${input} is a table: it is made by itself, with --pattern FILE.`);
    const folder = (await stat(input).catch(() => null))?.isDirectory();
    const texts = folder ? await textsIn(input) : [];
    all.push(...(texts.length ? texts : [input]).map((file) => one(file, options)));
  }
  return named(all, options);
}

/** A job with what its file shall be called. */
type Unnamed = Omit<Job, 'out'> & { called: string };

const one = (input: string, options: MakeOptions): Unnamed => ({
  ...options,
  ...{ input, label: input },
  called: path.basename(input, path.extname(input)),
});

/** A video for each row of a table, its values in the places of the pattern. */
async function rowsOf(table: string, options: MakeOptions): Promise<Unnamed[]> {
  if (options.pattern === null)
    throw new UsageError(
      `${table} is a table. Say what its videos say: --pattern FILE, a text with {column} where a value goes.`,
    );
  const pattern = await textOf(options.pattern);
  const rows = tableRows(await textOf(table), table);
  const columns = Object.keys(rows[0] ?? {});
  const places = new Map(placesIn(pattern).map((p) => [p.toLowerCase(), p]));
  for (const c of columns) places.delete(c.trim().toLowerCase());
  if (places.size)
    throw new UsageError(
      `${options.pattern} asks for {${[...places.values()].join('}, {')}}; ${table} has the columns ${columns.join(', ')}.`,
    );
  return rows.map((row, i) => {
    const { text, left } = filledPattern(pattern, row);
    const called = options.name
      ? filledPattern(options.name, row).text
      : (row[columns[0] as string] ?? '').trim();
    return {
      ...options,
      ...{ input: table, label: `${table}, row ${i + 1}`, words: text, left },
      called: called || `row ${i + 1}`,
    };
  });
}

function tableRows(text: string, table: string): Record<string, string>[] {
  let rows: Record<string, string>[];
  try {
    rows = parseTable(text, {
      ...{ columns: true, bom: true, skip_empty_lines: true, relax_column_count: true, trim: true },
      delimiter: /\.tsv$/i.test(table) ? '\t' : [',', ';', '\t'],
    });
  } catch (e) {
    throw new UsageError(`${table} cannot be read as a table: ${(e as Error).message}.`);
  }
  if (!rows.length) throw new UsageError(`${table} has no rows below its line of column names.`);
  return rows;
}

async function textOf(file: string): Promise<string> {
  const bytes = await readFile(file).catch((e: NodeJS.ErrnoException) => {
    throw new UsageError(
      e.code === 'ENOENT' ? `There is no file ${file}.` : `${file} cannot be read: ${e.message}.`,
    );
  });
  return decodeText(bytes);
}

/** Letters of a name that every file system takes. */
const fileName = (name: string): string =>
  name
    .replace(/[^\p{L}\p{N} ._-]+/gu, ' ')
    .replace(/\s+/g, ' ')
    .replace(/^[ .]+|[ .]+$/g, '')
    .slice(0, 80) || 'video';

/** Gives each video a file of its own in the folder. */
function named(all: readonly Unnamed[], { out, outGiven }: MakeOptions): Job[] {
  const folder = outGiven ? out : '.';
  if (outGiven && path.extname(out).toLowerCase() === '.mp4')
    throw new UsageError(`-o is a folder when there are several videos; got ${out}.`);
  const taken = new Map<string, number>();
  return all.map(({ called, ...job }) => {
    const base = fileName(called);
    const n = (taken.get(base.toLowerCase()) ?? 0) + 1;
    taken.set(base.toLowerCase(), n);
    return { ...job, out: path.join(folder, `${n > 1 ? `${base}-${n}` : base}.mp4`) };
  });
}
