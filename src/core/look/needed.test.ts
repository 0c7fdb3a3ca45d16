import { describe, expect, it } from 'vitest';
import { AS_THE_PIECE } from '../piece/appearance.ts';
import { piece, scene } from '../piece/testing.ts';
import { LOOK_NAMES } from './looks.ts';
import { neededFonts } from './needed.ts';

const families = (fonts: Map<string, string>) =>
  [...fonts.keys()].map((css) => /"Nab ([^"]+)"/.exec(css)?.[1]);

describe('the fonts that a piece needs', () => {
  it('are those of its looks, with the letters that it shows, in both cases where a look sets capitals', () => {
    const p = {
      ...piece([scene('a', 'Straße'), scene('b', 'Кот', { layout: 'title' })]),
      look: 'enamel-sign' as const,
    };
    const fonts = neededFonts(p);
    expect(families(fonts)).toContain('barlow');
    const letters = [...fonts.values()].join('');
    for (const c of 'Straße' + 'Кот' + 'КОТ') expect(letters).toContain(c);
    expect(families(fonts)).not.toContain('anton');
  });

  it('are more when a scene has a look or a typeface of its own, and none for pictures alone', () => {
    const own = scene('a', 'One', { look: { ...AS_THE_PIECE, look: 'loud-poster' } });
    const face = scene('b', 'Two', { look: { ...AS_THE_PIECE, family: 'vt323' } });
    const of = (scenes: Parameters<typeof piece>[0]) => families(neededFonts(piece(scenes)));
    expect(of([own])).toContain('anton');
    expect(of([face])).toContain('vt323');
    expect(of([scene('c', '', { layout: 'plain' })])).toEqual([]);
  });

  it('are found for every look', () => {
    for (const look of LOOK_NAMES)
      expect(neededFonts({ ...piece([scene('a', 'One')]), look }).size).toBeGreaterThan(0);
  });
});
