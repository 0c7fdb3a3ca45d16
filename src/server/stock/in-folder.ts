import { readFile, realpath, stat } from 'node:fs/promises';
import path from 'node:path';
import { parse } from 'csv-parse/sync';
import sharp from 'sharp';
import { mergeStock, wordsMet } from '../../core/stock/merge.ts';
import type { StockPicture } from '../../core/stock/types.ts';
import { LibraryTrouble, offered, type StockLibrary } from './library.ts';

const MOST_BYTES = 30_000_000;
const PREVIEW_SIDE = 480;

interface Kept {
  picture: StockPicture;
  file: string;
}

/** One row of a catalogue: file, title, tags (a list, or words with commas or semicolons between), licence, credit, price. */
type Row = Record<string, unknown>;

/**
 * A library in a folder with an open catalogue: catalogue.json (a list of rows) or catalogue.csv (with a head line). Files
 * stand below the folder. Rows that are none are left out. It is read again when the catalogue has changed.
 */
export function inFolder(id: string, name: string, folder: string): StockLibrary {
  let read: { of: string; kept: Map<string, Kept> } | null = null;

  async function kept(): Promise<Map<string, Kept>> {
    for (const file of ['catalogue.json', 'catalogue.csv']) {
      const at = path.join(folder, file);
      const info = await stat(at).catch(() => null);
      if (!info) continue;
      const of = `${file} ${info.mtimeMs} ${info.size}`;
      if (read?.of !== of) read = { of, kept: await rowsOf(await readFile(at, 'utf8'), file) };
      return read.kept;
    }
    throw new LibraryTrouble({ state: 'failed' }, `${folder} has no catalogue.json or catalogue.csv`);
  }

  async function rowsOf(text: string, file: string): Promise<Map<string, Kept>> {
    let rows: Row[];
    try {
      rows = file.endsWith('.json')
        ? JSON.parse(text)
        : parse(text, {
            columns: true,
            skip_empty_lines: true,
            trim: true,
            bom: true,
            relax_column_count: true,
          });
      if (!Array.isArray(rows)) throw new Error('no list of rows');
    } catch (e) {
      throw new LibraryTrouble({ state: 'failed' }, `${id}, ${file}: ${(e as Error).message}`);
    }
    const out = new Map<string, Kept>();
    for (const row of rows) {
      const found = await keptOf(row);
      if (found) out.set(found.picture.id, found);
    }
    return out;
  }

  async function keptOf(row: Row): Promise<Kept | null> {
    const at = path.resolve(folder, String(row.file ?? ''));
    const real = await realpath(at).catch(() => null);
    const inside = real?.startsWith((await realpath(folder)) + path.sep);
    if (!real || !inside) return null;
    const size = await sharp(real)
      .metadata()
      .catch(() => null);
    const price = Number(row.price ?? 0);
    const { error, value } = offered.validate({
      id: String(row.file)
        .replaceAll(/[^\w.-]/g, '_')
        .slice(0, 80),
      title: String(row.title ?? ''),
      tags: (Array.isArray(row.tags) ? row.tags.map(String) : String(row.tags ?? '').split(/[,;]/))
        .map((t) => t.trim().toLowerCase())
        .filter(Boolean),
      width: size?.width,
      height: size?.height,
      licence: row.licence ?? 'credit',
      credit: String(row.credit ?? ''),
      priceCents: Math.round(100 * price),
    });
    return error ? null : { picture: { ...value, library: id }, file: real };
  }

  async function fileOf(picture: string): Promise<string> {
    const found = (await kept()).get(picture);
    if (!found) throw new LibraryTrouble({ state: 'failed' }, `${id} has no ${picture}`);
    return found.file;
  }

  return {
    id,
    name,
    async search(words, most) {
      const all = [...(await kept()).values()].map((k) => k.picture).filter((p) => wordsMet(words, p) > 0);
      // Each is a list of its own: the order of the catalogue says nothing.
      return mergeStock(
        words,
        all.map((p) => [p]),
      ).slice(0, most);
    },
    preview: async (picture) =>
      sharp(await fileOf(picture))
        .resize(PREVIEW_SIDE, PREVIEW_SIDE, { fit: 'inside' })
        .webp()
        .toBuffer(),
    async deliver(picture) {
      const file = await fileOf(picture);
      if ((await stat(file)).size > MOST_BYTES)
        throw new LibraryTrouble({ state: 'failed' }, `${file} is too large`);
      return readFile(file);
    },
  };
}
