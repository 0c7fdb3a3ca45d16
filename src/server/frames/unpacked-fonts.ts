import { mkdir, readFile, stat } from 'node:fs/promises';
import path from 'node:path';
import decompress from 'woff2-encoder/decompress';
import { CONFIG } from '../config.ts';
import { writeWhole } from '../store/files.ts';
import type { FontFile } from './font-files.ts';

const folder = (): string => path.join(CONFIG.root, 'var', 'fonts');

/** A font as the render reads it. */
export const unpackedFont = ({ address }: Pick<FontFile, 'address'>): string =>
  path.join(folder(), `${address}.ttf`);

/**
 * Unpacks fonts for the render. What draws text there reads WOFF2 too, but loses single letters of some fonts (the 0 of a
 * typewriter, the ł of a serif), which a browser draws. What is there already is left alone.
 */
export async function unpackFonts(fonts: readonly FontFile[]): Promise<void> {
  await mkdir(folder(), { recursive: true });
  for (const font of fonts) {
    const [from, to] = [path.join(CONFIG.root, 'node_modules', font.file), unpackedFont(font)];
    const [packed, there] = await Promise.all([stat(from), stat(to).catch(() => null)]);
    if (there && there.mtimeMs >= packed.mtimeMs) continue;
    await writeWhole(to, await decompress(await readFile(from)));
  }
}
