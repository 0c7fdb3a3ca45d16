import { existsSync } from 'node:fs';
import path from 'node:path';
import { createCanvas } from '@napi-rs/canvas';
import { describe, expect, it } from 'vitest';
import {
  CHOSEN_FAMILIES,
  FAMILIES,
  type FamilyName,
  familyOf,
  nearestWeight,
} from '../../core/look/families.ts';
import { cssFont, cssName, type Font, familyNamed, loadedFor } from '../../core/look/fonts.ts';
import { LOOK_NAMES, lookOf } from '../../core/look/looks.ts';
import { CONFIG } from '../config.ts';
import { allFontFiles, fontFaces, fontFilesOf } from './font-files.ts';
import { fontFor, measurer } from './fonts.ts';

const font = (family: FamilyName, more: Partial<Font> = {}): Font => ({
  ...{ family, weight: 400, italic: false, size: 80, tracking: 0 },
  ...more,
});
const names = Object.keys(FAMILIES) as FamilyName[];

/** Dark pixels of a text in a font of the render. */
function drawn(text: string, of: Font): number {
  const canvas = createCanvas(600, 140);
  const ctx = canvas.getContext('2d');
  ctx.fillStyle = '#ffffff';
  ctx.fillRect(0, 0, 600, 140);
  ctx.fillStyle = '#000000';
  ctx.font = fontFor(cssFont(of), text);
  ctx.fillText(text, 10, 100);
  const { data } = ctx.getImageData(0, 0, 600, 140);
  let count = 0;
  for (let i = 0; i < data.length; i += 4) if ((data[i] as number) < 128) count++;
  return count;
}

describe('families', () => {
  it('are at least 24 to choose from, of six kinds, each with its files and its licence', () => {
    expect(CHOSEN_FAMILIES.length).toBeGreaterThanOrEqual(24);
    expect(new Set(CHOSEN_FAMILIES.map((f) => FAMILIES[f].kind)).size).toBe(6);
    for (const name of names) {
      const files = fontFilesOf(name);
      expect(files.length, name).toBeGreaterThan(0);
      for (const f of files)
        expect(existsSync(path.join(CONFIG.root, 'node_modules', f.file)), f.file).toBe(true);
      expect(existsSync(path.join(CONFIG.root, 'node_modules', familyOf(name).from, 'LICENSE')), name).toBe(
        true,
      );
    }
  });

  it('of looks have the weights that are asked of them', () => {
    for (const look of LOOK_NAMES)
      for (const { family, weight, italic } of Object.values(lookOf(look).faces)) {
        expect(nearestWeight(family, weight), `${look} ${family}`).toBe(weight);
        expect(!italic || familyOf(family).italic, `${look} ${family}`).toBe(true);
      }
  });

  it.each(CHOSEN_FAMILIES)('%s draws Latin letters of its own', (name) => {
    const files = fontFilesOf(name).map((f) => f.alias);
    expect(
      files.some(
        (a) =>
          fontFor(cssFont(font(name)), 'Hamburg').startsWith(`400 80px "${a}"`) ||
          fontFor(cssFont(font(name)), 'Hamburg').includes(`"${a}"`),
      ),
    ).toBe(true);
    expect(drawn('Hamburg', font(name))).toBeGreaterThan(800);
  });
});

/** What people write in the languages that are spoken here, letter by letter. */
const WRITTEN = [
  'abcdefghijklmnopqrstuvwxyz0123456789€$£%&.,:;!?-–—“”‘’„«»¿¡()/+@#−×°™',
  'äöüßàâæçèéêëîïôœùûÿáíóúñìòãõåøąćęłńśźżčďěňřšťůýžășțğıőűđơưạảấầẩẫậắằẳẵặẹẻẽếềểễệỉịọỏốồổỗộớờởỡợụủứừửữựỳỷỹỵ',
  'абвгдежзийклмнопрстуфхцчшщъыьэюяіїєґ',
  'αβγδεζηθικλμνξοπρστυφχψωάέήίόύώϊϋς',
].join('');

describe('every letter', () => {
  const canvas = createCanvas(60, 60);
  const ctx = canvas.getContext('2d');
  /** Opaque pixels of a letter. */
  const ink = (letter: string, of: Font) => {
    ctx.font = fontFor(cssFont(of), letter);
    ctx.clearRect(0, 0, 60, 60);
    ctx.fillText(letter, 15, 42);
    const { data } = ctx.getImageData(0, 0, 60, 60);
    let count = 0;
    for (let i = 3; i < data.length; i += 4) if ((data[i] as number) > 40) count++;
    return count;
  };
  it.each(CHOSEN_FAMILIES)('is drawn in %s', (name) => {
    const letters = [...new Set(WRITTEN + WRITTEN.toUpperCase())];
    expect(letters.length).toBeGreaterThan(400);
    for (const italic of familyOf(name).italic ? [false, true] : [false])
      expect(letters.filter((l) => ink(l, font(name, { italic, size: 30 })) === 0)).toEqual([]);
  });
});

describe('a text', () => {
  it('is drawn by the files that hold its letters, the chosen family first', () => {
    const css = cssFont(font('anton'));
    expect(fontFor(css, 'Ab')).toMatch(/^400 80px "Nab anton latin", /);
    expect(fontFor(css, 'Жук')).toMatch(/^400 80px "Nab noto-sans cyrillic"/);
    expect(fontFor(css, 'שלום')).toMatch(/^400 80px "Nab hebrew hebrew"/);
    expect(fontFor(css, '日本')).toMatch(/^400 80px "Nab jp /);
    expect(fontFor(css, 'ok 🙂')).toContain('"Nab emoji emoji"');
    expect(fontFor(css, 'Ab')).not.toMatch(/jp|kr|sc |arabic/);
    expect(fontFor(cssFont(font('lora', { italic: true })), 'Ab')).toMatch(/^italic 400 80px /);
  });

  it('has ink in every script, and widths that add up', () => {
    const measure = measurer();
    for (const text of ['Привет', 'Γειά', 'مرحبا', 'שלום', 'สวัสดี', '日本語', '한국어', '你好'])
      for (const family of ['anton', 'caveat', 'vt323'] as const) {
        expect(drawn(text, font(family)), `${family} ${text}`).toBeGreaterThan(300);
        const width = measure(text, font(family));
        expect(measure(`${text} ${text}`, font(family))).toBeGreaterThan(width * 2);
        expect(measure(text, font(family, { size: 160 }))).toBeCloseTo(width * 2, -1);
      }
  });
});

describe('the style sheet', () => {
  it('tells the browser of every file, by the name under which texts ask for it', () => {
    const css = fontFaces();
    for (const f of allFontFiles()) expect(css).toContain(`url("/fonts/${f.address}.woff2")`);
    for (const name of names) expect(css).toContain(`font-family:"${cssName(name)}"`);
    expect(css).not.toMatch(/undefined|NaN/);
  });

  it('names and families lead to each other', () => {
    for (const name of names) expect(familyNamed(cssName(name))).toBe(name);
    for (const other of ['Nab', 'Nab constructor', 'Figtree', 'Nab  anton'])
      expect(familyNamed(other)).toBeNull();
  });

  it('has no family for a single script loaded for a text that needs none', () => {
    const css = cssFont(font('anton'));
    expect(loadedFor(css, 'Łódź – “quoted” €5')).toBe(
      '400 80px "Nab anton", "Nab figtree", "Nab noto-sans", sans-serif',
    );
    expect(loadedFor(css, 'Tokyo 東京')).toBe(css);
    expect(loadedFor(css, 'fine 🙂')).toBe(css);
  });
});
