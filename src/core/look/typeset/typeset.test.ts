import { describe, expect, it } from 'vitest';
import { seeded } from '../../hash.ts';
import { breakLines, wordsToFit } from './lines.ts';
import { cutPages } from './pages.ts';

const widthOf = (t: string) => t.length * 10;
/** Every way to cut a list of words into lines. */
function* cuts(words: readonly string[]): Generator<string[][]> {
  if (!words.length) yield [];
  for (let k = 1; k <= words.length; k++)
    for (const rest of cuts(words.slice(k))) yield [words.slice(0, k), ...rest];
}
/** Words with spaces between them. */
const spaced = (words: readonly string[]) => words.map((text) => ({ text, joined: false }));
const random = seeded('lines');
const someWords = (n: number) =>
  Array.from({ length: n }, () => 'x'.repeat(1 + Math.floor(random() * 9)) + (random() < 0.3 ? ',' : ''));

/** A short word alone in the last line looks like an orphan. */
const orphan = (lines: string[][], width: number): number => {
  const last = lines.at(-1) ?? [];
  const lonely = last.length === 1 && lines.flat().length > 2 && widthOf(last.join(' ')) < width * 0.34;
  return lonely ? 0.35 : 0;
};

describe('lines', () => {
  it('are as few as can be, and of all such the most even', () => {
    for (let i = 0; i < 60; i++) {
      const words = someWords(1 + Math.floor(random() * 8));
      const width = 60 + Math.floor(random() * 120);
      const fits = (l: string[]) => widthOf(l.join(' ')) <= width || l.length === 1;
      const ragged = (lines: string[][]) =>
        lines.reduce((s, l) => s + (Math.max(0, width - widthOf(l.join(' '))) / width) ** 2, 0) +
        orphan(lines, width);
      const all = [...cuts(words)].filter((lines) => lines.every(fits));
      const least = Math.min(...all.map((l) => l.length));
      const even = Math.min(...all.filter((l) => l.length === least).map(ragged));
      const out = breakLines(spaced(words), width, widthOf);
      expect(out.length).toBe(least);
      expect(ragged(out.map((l) => words.slice(l.start, l.end)))).toBeCloseTo(even, 9);
      expect(out.map((l) => l.width)).toEqual(out.map((l) => widthOf(words.slice(l.start, l.end).join(' '))));
      expect(out.flatMap((l) => words.slice(l.start, l.end))).toEqual(words);
    }
    expect(breakLines([], 100, widthOf)).toEqual([]);
  });

  it.each([
    ['Carries 150 kg, tested.', 150],
    ['It takes about 12 minutes a day.', 150],
    ['We asked Dr. Venn what she thinks.', 180],
    ['Now only € 9 per month for all.', 160],
    ['It costs about $4 million a year.', 180],
    ['Il est encore chaud ! Venez donc.', 150],
    ['Elle dit « venez » à tous.', 130],
  ])('keep together in “%s” what is read as one', (text, width) => {
    const words = text.split(' ');
    const ends = breakLines(spaced(words), width, widthOf).map((l) => words[l.end - 1]);
    expect(ends.length).toBeGreaterThan(1);
    for (const torn of ['150', '12', 'Dr.', '€', '$4', 'chaud', '«']) expect(ends).not.toContain(torn);
    for (const l of breakLines(spaced(words), width, widthOf))
      expect(['!', '»']).not.toContain(words[l.start]);
  });

  it('are still as few as can be where a number has to go without its unit', () => {
    const words = ['abcdefgh', '150', 'kilometres'];
    expect(breakLines(spaced(words), 130, widthOf)).toHaveLength(2);
  });

  it('cut a word that is wider than they are between its characters, an emoji never', () => {
    const text = 'ab abcdefghijkl 👩‍🌾👩‍🌾';
    const parts = wordsToFit(text, 50, widthOf);
    expect(parts.map((p) => p.text)).toEqual(['ab', 'abcde', 'fghij', 'kl', '👩‍🌾', '👩‍🌾']);
    for (const p of parts) expect(text.slice(p.start, p.end)).toBe(p.text);
  });
});

describe('pages', () => {
  it('are as few as can be, all words in order, none with more lines than it may have', () => {
    for (let i = 0; i < 40; i++) {
      const words = someWords(4 + Math.floor(random() * 30));
      const [lines, width] = [1 + Math.floor(random() * 3), 120 + Math.floor(random() * 120)];
      const out = cutPages(spaced(words), lines, width, widthOf);
      expect(out[0]?.[0]).toBe(0);
      expect(out.at(-1)?.[1]).toBe(words.length);
      for (const [k, [start, end]] of out.entries()) {
        expect(start).toBe(k ? out[k - 1]?.[1] : 0);
        expect(breakLines(spaced(words.slice(start, end)), width, widthOf).length).toBeLessThanOrEqual(lines);
      }
      // No page can be saved: filled as far as they go, from the front, they are as many.
      let [count, at] = [0, 0];
      while (at < words.length) {
        let end = at + 1;
        while (
          end < words.length &&
          breakLines(spaced(words.slice(at, end + 1)), width, widthOf).length <= lines
        )
          end++;
        [count, at] = [count + 1, end];
      }
      expect(out.length).toBeLessThanOrEqual(count);
    }
    expect(cutPages([], 2, 100, widthOf)).toEqual([]);
  });

  it('end at a full stop rather than at a comma, and there rather than anywhere', () => {
    const pages = (text: string) => {
      const words = text.split(' ');
      return cutPages(spaced(words), 1, 200, widthOf).map(([a, b]) => words.slice(a, b).join(' '));
    };
    expect(pages('one two six. ten six two one')).toEqual(['one two six.', 'ten six two one']);
    expect(pages('one two six, ten six two one')).toEqual(['one two six,', 'ten six two one']);
    expect(pages('one two, six one. ten six two')).toEqual(['one two, six one.', 'ten six two']);
    expect(pages('all of it fits here')).toEqual(['all of it fits here']);
  });
});
