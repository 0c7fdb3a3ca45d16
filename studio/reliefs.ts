import { existsSync } from 'node:fs';
import { readFile, writeFile } from 'node:fs/promises';
import path from 'node:path';
import sharp from 'sharp';
import { measureRelief, type Relief } from '../src/core/picture/relief.ts';
import type { CatalogueRow, View } from './catalogue/row.ts';
import { headsIn } from './render.ts';

/** Beside the catalogue: what words have to know of the pictures on which they stand, by picture and view. */
const FILE = 'reliefs.json';
const VIEWS: readonly View[] = ['wide', 'tall'];

type Reliefs = Record<string, Record<View, Relief>>;

/** Measures the pictures of the shelf that were not measured before; named ones again. */
export async function writeReliefs(
  folder: string,
  rows: readonly CatalogueRow[],
  again: readonly string[],
): Promise<number> {
  const file = path.join(folder, FILE);
  const before: Reliefs = existsSync(file) ? JSON.parse(await readFile(file, 'utf8')) : {};
  const out: Reliefs = {};
  let count = 0;
  for (const row of rows) {
    const known = before[row.id];
    if (known && !again.includes(row.id)) {
      out[row.id] = known;
      continue;
    }
    const [wide, tall] = await Promise.all(VIEWS.map((view) => reliefOf(folder, row, view)));
    out[row.id] = { wide: wide as Relief, tall: tall as Relief };
    count++;
  }
  await writeFile(file, `${JSON.stringify(out).replaceAll('},"', '},\n"')}\n`);
  return count;
}

async function reliefOf(folder: string, row: CatalogueRow, view: View): Promise<Relief> {
  const { data, info } = await sharp(path.join(folder, `${row.id}-${view}-thumb.webp`))
    .removeAlpha()
    .toColourspace('srgb')
    .raw()
    .toBuffer({ resolveWithObject: true });
  const cells = measureRelief({ data, width: info.width, height: info.height });
  return { cells, heads: headsIn(row, view) };
}
