import { existsSync } from 'node:fs';
import path from 'node:path';
import { createCanvas, GlobalFonts, setTextRenderer } from '@napi-rs/canvas';
import { cssFont, FONT_FILES } from '../../core/look/fonts.ts';
import type { Measure } from '../../core/look/typeset/arrange.ts';
import { CONFIG } from '../config.ts';

let registered = false;

/** Registers the shipped fonts once; the text renderer is set first, so that text equals the browser's to the pixel. */
export function registerFonts(): void {
  if (registered) return;
  setTextRenderer('system');
  for (const { name, file } of FONT_FILES) {
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
