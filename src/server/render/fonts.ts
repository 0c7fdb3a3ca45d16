import { existsSync } from 'node:fs';
import path from 'node:path';
import { createCanvas, GlobalFonts, setTextRenderer } from '@napi-rs/canvas';
import { cssFont, type Measure } from '../../core/timeline/typeset.ts';
import { CONFIG } from '../config.ts';

/** Font files by the name that the painter uses; the browser loads the same files under the same names. */
export const FONT_FILES: readonly [name: string, file: string][] = [
  ['Nab Display', '@fontsource/bricolage-grotesque/files/bricolage-grotesque-latin-800-normal.woff2'],
  ['Nab Display Ext', '@fontsource/bricolage-grotesque/files/bricolage-grotesque-latin-ext-800-normal.woff2'],
  ['Nab Text', '@fontsource/figtree/files/figtree-latin-700-normal.woff2'],
  ['Nab Text Ext', '@fontsource/figtree/files/figtree-latin-ext-700-normal.woff2'],
  ['Nab Emoji', '@fontsource/noto-color-emoji/files/noto-color-emoji-emoji-400-normal.woff2'],
];

let registered = false;

/** Registers the shipped fonts once; the text renderer is set first, so that text equals the browser's to the pixel. */
export function registerFonts(): void {
  if (registered) return;
  setTextRenderer('system');
  for (const [name, file] of FONT_FILES) {
    const full = path.join(CONFIG.root, 'node_modules', file);
    if (!existsSync(full)) throw new Error(`The font file ${full} is missing. Run npm ci.`);
    GlobalFonts.registerFromPath(full, name);
  }
  registered = true;
}

/** Measures text with the shipped fonts. */
export function measurer(): Measure {
  registerFonts();
  const ctx = createCanvas(8, 8).getContext('2d');
  return (text, font) => {
    ctx.font = cssFont(font);
    return ctx.measureText(text).width;
  };
}
