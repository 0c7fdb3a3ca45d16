import { describe, expect, it } from 'vitest';
import { seeded } from '../hash.ts';
import { type Interval, textGrid } from './textgrid.ts';

/** Reads what was written, as its form has it: tiers of [from, to, text], seconds. */
function read(text: string): { name: string; intervals: [number, number, string][] }[] {
  const field = (of: string, name: string) => new RegExp(`${name} = (.*)`).exec(of)?.[1]?.trim() ?? '';
  const words = (of: string) => of.slice(1, -1).replaceAll('""', '"');
  return text
    .split(/^ {4}item \[\d+\]:$/m)
    .slice(1)
    .map((tier) => ({
      name: words(field(tier, 'name')),
      intervals: tier
        .split(/intervals \[\d+\]:/)
        .slice(1)
        .map((i): [number, number, string] => [
          Number(field(i, 'xmin')),
          Number(field(i, 'xmax')),
          words(field(i, 'text')),
        ]),
    }));
}

describe('a TextGrid', () => {
  it('has a row for each tier, gaps as empty intervals, quotation marks doubled', () => {
    const text = textGrid(
      [
        { name: 'words', intervals: [{ startMs: 200, endMs: 450, text: 'so "they"\n say' }] },
        { name: 'sounds', intervals: [] },
      ],
      1000,
    );
    expect(
      text.startsWith('File type = "ooTextFile"\nObject class = "TextGrid"\n\nxmin = 0\nxmax = 1.000\n'),
    ).toBe(true);
    expect(text).toContain('size = 2');
    expect(text).toContain('intervals: size = 3');
    expect(read(text)).toEqual([
      {
        name: 'words',
        intervals: [
          [0, 0.2, ''],
          [0.2, 0.45, 'so "they" say'],
          [0.45, 1, ''],
        ],
      },
      { name: 'sounds', intervals: [[0, 1, '']] },
    ]);
  });

  it('covers the whole time without gap or overlap, whatever it is given in order', () => {
    const random = seeded('textgrid');
    for (let round = 0; round < 60; round++) {
      let at = 0;
      const intervals: Interval[] = Array.from({ length: Math.floor(random() * 12) }, (_, i) => {
        at += Math.floor(random() * 300);
        return { startMs: at, endMs: at + Math.floor(random() * 400), text: `w${i}` };
      });
      const lengthMs = 500 + Math.floor(random() * 3000);
      const [tier] = read(textGrid([{ name: 't', intervals }], lengthMs));
      const got = tier?.intervals ?? [];
      expect(got[0]?.[0]).toBe(0);
      expect(got.at(-1)?.[1]).toBeCloseTo(lengthMs / 1000, 3);
      got.forEach(([from, to], i) => {
        expect(to).toBeGreaterThan(from);
        if (i) expect(from).toBe(got[i - 1]?.[1]);
      });
      // What has time of its own within the whole is there, in order.
      const heard = got.map((g) => g[2]).filter(Boolean);
      expect(heard).toEqual(intervals.map((i) => i.text).filter((t) => heard.includes(t)));
    }
  });
});
