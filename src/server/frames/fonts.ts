import { createCanvas, GlobalFonts, setTextRenderer } from '@napi-rs/canvas';
import { LRUCache } from 'lru-cache';
import { type FamilyName, familyOf } from '../../core/look/families.ts';
import { cssFont, familyNamed } from '../../core/look/fonts.ts';
import type { Measure } from '../../core/look/typeset/arrange.ts';
import { type FontFile, fontFilesOf } from './font-files.ts';
import { unpackedFont } from './unpacked-fonts.ts';

/** Fonts with the text that they are for: nearly all come again. */
const KEPT = 20_000;

const registered = new Set<string>();
const resolved = new LRUCache<string, string>({ max: KEPT });

let ready = false;
/** The text renderer is set before anything else is drawn, so that text equals the browser's to the pixel. */
export function readyFonts(): void {
  if (!ready) setTextRenderer('system');
  ready = true;
}

function register(font: FontFile): void {
  if (registered.has(font.file)) return;
  const full = unpackedFont(font);
  if (!GlobalFonts.registerFromPath(full, font.alias))
    throw new Error(`The font file ${full} cannot be read. Run ./nabbet, which unpacks it.`);
  registered.add(font.file);
}

/**
 * A font of cssFont for a text, in the render: families become those of their files that hold a letter of the text, which
 * are registered as they are needed. A browser does the same by the ranges of its style sheet.
 */
export function fontFor(css: string, text: string): string {
  readyFonts();
  const cut = css.indexOf('px ') + 3;
  return css.slice(0, cut) + familiesFor(css.slice(cut), text);
}

/** The same in every size and weight. */
function familiesFor(css: string, text: string): string {
  const key = `${css}\n${text}`;
  const have = resolved.get(key);
  if (have !== undefined) return have;
  const letters = [...new Set([...text].map((c) => c.codePointAt(0) ?? 0))];
  // Families for single scripts are asked for what no family for all of them promises.
  const promised = new Set<number>();
  const lists = css.replace(/"(Nab [^"]*)"/g, (whole, name: string) => {
    const family = familyNamed(name);
    if (!family) return whole;
    const isScript = familyOf(family).kind === 'script';
    const wanted = isScript ? letters.filter((c) => !promised.has(c)) : letters;
    const holding = new Set(wanted.flatMap((c) => filesHolding(family, c)));
    const files = fontFilesOf(family).filter((f) => holding.has(f));
    for (const f of files) register(f);
    if (!isScript) for (const c of letters) if (filesHolding(family, c).length) promised.add(c);
    return [...new Set(files.map((f) => `"${f.alias}"`))].join(', ');
  });
  const done = lists.replace(/(?:, )+/g, ', ').replace(/^, /, '');
  resolved.set(key, done);
  return done;
}

const holding = new LRUCache<string, readonly FontFile[]>({ max: KEPT });

/** A script of thousands of letters has hundreds of files, and the same letters come in word after word. */
function filesHolding(family: FamilyName, letter: number): readonly FontFile[] {
  const key = `${family} ${letter}`;
  const have = holding.get(key);
  if (have) return have;
  const holds = ({ letters }: FontFile) => letters.some(([first, last]) => letter >= first && letter <= last);
  const files = fontFilesOf(family).filter(holds);
  holding.set(key, files);
  return files;
}

/** Measures text with the shipped fonts. */
export function measurer(): Measure {
  readyFonts();
  const ctx = createCanvas(8, 8).getContext('2d');
  return (text, font) => {
    ctx.font = fontFor(cssFont(font), text);
    return ctx.measureText(text).width;
  };
}
