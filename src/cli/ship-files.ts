import { copyFile, mkdir, readFile, stat, writeFile } from 'node:fs/promises';
import path from 'node:path';
import { CONFIG } from '../server/config.ts';
import { allFontFiles, fontFaces } from '../server/frames/font-files.ts';
import { unpackFonts } from '../server/frames/unpacked-fonts.ts';

/** Files of packages that the browser asks for: in the package, and under public. */
const DATA_FILES: readonly [from: string, to: string][] = [
  ['dictionary-en/index.aff', 'data/en-us.aff'],
  ['dictionary-en/index.dic', 'data/en-us.dic'],
  ['dictionary-en-gb/index.aff', 'data/en-gb.aff'],
  ['dictionary-en-gb/index.dic', 'data/en-gb.dic'],
  ['emoji-picker-element-data/en/emojibase/data.json', 'data/emoji-en.json'],
];

const inPublic = (name: string): string => path.join(CONFIG.root, 'public', name);

/** Lays fonts and dictionaries where the browser finds them, and fonts where the render does; what is there already is left alone. */
export async function shipFiles(): Promise<void> {
  await mkdir(inPublic('fonts'), { recursive: true });
  await mkdir(inPublic('data'), { recursive: true });
  const fonts = allFontFiles();
  for (const { file, address } of fonts) await ship(file, `fonts/${address}.woff2`);
  await unpackFonts(fonts);
  const faces = inPublic('fonts/faces.css');
  const css = fontFaces(fonts);
  if ((await readFile(faces, 'utf8').catch(() => '')) !== css) await writeFile(faces, css);
  for (const [from, to] of DATA_FILES) await ship(from, to);
}

async function ship(from: string, to: string): Promise<void> {
  const [source, target] = [path.join(CONFIG.root, 'node_modules', from), inPublic(to)];
  const [there, wanted] = await Promise.all([stat(target).catch(() => null), stat(source)]);
  if (there?.size !== wanted.size || there.mtimeMs < wanted.mtimeMs) await copyFile(source, target);
}
