import { describe, expect, it } from 'vitest';
import { seeded } from '../../hash.ts';
import { face } from '../looks/make.ts';
import { type Arrange, fitLargest, numbered, pagesOfLines, type SetText, twoParts } from './arrange.ts';
import { inLine } from './lines.ts';

const HEAD = face('anton', 400, { leading: 1.2 });
const REST = face('figtree', 700, { leading: 1.4 });
const setting = (more: Partial<Parameters<Arrange>[1]> = {}): Parameters<Arrange>[1] => ({
  scale: { largest: 140, smallest: 60, lines: 4, rest: 50 },
  faces: { head: HEAD, rest: REST },
  width: 880,
  height: 1100,
  measure: (text, font) => [...text].length * font.size * 0.5,
  ...more,
});
const linesOf = (set: SetText) =>
  set.pages.map((p) =>
    p.lines.map((l) => `${l.part === 'rest' ? '- ' : ''}${inLine(set.words.slice(l.start, l.end))}`),
  );
const heightOf = (set: SetText, page: number) =>
  (set.pages[page]?.lines ?? []).reduce((n, l) => n + l.font.size * (l.part === 'rest' ? 1.4 : 1.2), 0);

describe('as large as it goes', () => {
  it('is large for few words and smaller for more, and never lets a line out', () => {
    const random = seeded('fit');
    let before = Number.POSITIVE_INFINITY;
    for (let letters = 4; letters < 260; letters += 9) {
      const text =
        Array.from({ length: letters }, () => (random() < 0.18 ? ' ' : 'x'))
          .join('')
          .trim() || 'x';
      const set = fitLargest(text, setting());
      for (const l of set.pages.flatMap((p) => p.lines)) expect(l.width).toBeLessThanOrEqual(880);
      expect(set.font.size).toBeGreaterThanOrEqual(60);
      before = Math.min(before, set.font.size);
    }
    expect(before).toBe(60);
    expect(fitLargest('Few words', setting()).font.size).toBe(140);
  });

  it('is the largest of its sizes, though most of them are never measured', () => {
    const random = seeded('largest');
    for (let i = 0; i < 60; i++) {
      const words = 1 + Math.floor(random() * 14);
      const text = Array.from({ length: words }, () => 'x'.repeat(1 + Math.floor(random() ** 2 * 24))).join(
        ' ',
      );
      const measured = new Set<string>();
      // As fonts do: to a whole pixel, and a little wider in some sizes.
      const measure = (t: string, { size }: { size: number }) => {
        measured.add(`${size} ${t}`);
        return Math.round([...t].length * size * (size % 8 ? 0.5 : 0.507));
      };
      for (const arrange of [fitLargest, twoParts]) {
        measured.clear();
        const { size } = arrange(text, setting({ measure })).font;
        const sizes = new Set([...measured].map((m) => m.split(' ')[0]));
        expect(sizes.size).toBeLessThanOrEqual(5);
        // One step larger it does not fit: what starts there comes back to the same size.
        if (size >= 140 || size < 60) continue;
        const scale = { largest: size + 4, smallest: 60, lines: 4, rest: 50 };
        expect(arrange(text, setting({ measure, scale })).font.size).toBe(size);
      }
    }
  });

  it('keeps to the height that there is, on more pages where one is not enough', () => {
    const text = 'one two three four five six seven eight nine ten eleven twelve thirteen fourteen '.repeat(
      3,
    );
    const set = fitLargest(text, setting({ height: 320 }));
    expect(set.pages.length).toBeGreaterThan(1);
    set.pages.forEach((_, i) => {
      expect(heightOf(set, i)).toBeLessThanOrEqual(320);
    });
  });

  it('measures capitals where the face is set in them', () => {
    const wide = setting({
      faces: { head: { ...HEAD, upper: true }, rest: REST },
      measure: (text, font) =>
        [...text].reduce((n, c) => n + (c === c.toUpperCase() ? 0.8 : 0.4), 0) * font.size,
    });
    const set = fitLargest('small letters become large', wide);
    expect(set.words.map((w) => w.text).join(' ')).toBe('SMALL LETTERS BECOME LARGE');
    for (const l of set.pages.flatMap((p) => p.lines)) expect(l.width).toBeLessThanOrEqual(880);
  });
});

describe('two parts', () => {
  it('are the first line and the rest; a figure stays on one line', () => {
    expect(linesOf(twoParts('1,284\nthings mended', setting()))).toEqual([['1,284', '- things mended']]);
    expect(linesOf(twoParts('Alone', setting()))).toEqual([['Alone']]);
    const places = twoParts('One two\nthree four', setting()).words.map((w) => [w.start, w.end]);
    expect(places).toEqual([
      [0, 3],
      [4, 7],
      [8, 13],
      [14, 18],
    ]);
  });

  it('shrink together until they are no higher than there is room', () => {
    for (const height of [1100, 500, 260, 160]) {
      const text =
        'A quotation that goes on for quite a while and has something to say\nSomebody who said it, at length';
      const set = twoParts(text, setting({ height }));
      expect(heightOf(set, 0)).toBeLessThanOrEqual(height);
      expect(Math.min(...(set.pages[0]?.lines ?? []).map((l) => l.font.size))).toBeGreaterThanOrEqual(28);
    }
  });
});

describe('a number in a list', () => {
  it.each([
    ['3. Ask what broke', '3', 'Ask what broke'],
    ['#12 Bring the lid', '12', 'Bring the lid'],
    ['No. 4: keep the screws', '4', 'keep the screws'],
    ['7) wait', '7', 'wait'],
  ])('%s', (text, number, rest) => {
    const [lines] = linesOf(numbered(text, setting()));
    expect([lines?.[0], lines?.slice(1).join(' ').replaceAll('- ', '')]).toEqual([number, rest]);
  });

  it('is no number where the words do not begin with one', () => {
    for (const text of ['Ask what broke', '1,284 things', '1984', '3.5 litres of water'])
      expect(linesOf(numbered(text, setting())).flat().join(' ').replaceAll('- ', '')).toBe(text);
  });
});

describe('pages of lines', () => {
  it('have one size, few lines, and all words', () => {
    const text = 'Every Thursday she opens at six, and by seven the bench is full of toasters and lamps.';
    const set = pagesOfLines(text, setting({ scale: { largest: 74, smallest: 74, lines: 2, rest: 0 } }));
    expect(linesOf(set).flat().join(' ')).toBe(text);
    for (const p of set.pages) expect(p.lines.length).toBeLessThanOrEqual(2);
    expect(new Set(set.pages.flatMap((p) => p.lines.map((l) => l.font.size)))).toEqual(new Set([74]));
    const low = pagesOfLines(
      text,
      setting({ scale: { largest: 74, smallest: 74, lines: 3, rest: 0 }, height: 100 }),
    );
    for (const p of low.pages) expect(p.lines.length).toBe(1);
  });
});
