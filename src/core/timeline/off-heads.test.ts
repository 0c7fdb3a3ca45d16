import { describe, expect, it } from 'vitest';
import { LOOK_NAMES } from '../look/looks.ts';
import { AS_THE_PIECE, type SceneLook } from '../piece/appearance.ts';
import { picture, piece, scene } from '../piece/testing.ts';
import { compile } from './compile.ts';
import { setter } from './testing.ts';
import { type AssetFact, NO_FACTS } from './types.ts';

/** A tall picture with one head whose middle is at a height, as a share of it. */
const portrait = (y: number): AssetFact => ({
  ...{ id: 'p', kind: 'still', loopFrames: 0, durationMs: 0, sound: false },
  views: {
    tall: {
      ...{ width: 1080, height: 1920, focal: [0.35, y - 0.03, 0.3, 0.4] },
      relief: { cells: '777'.repeat(96), heads: [[0.42, y - 0.03, 0.16, 0.06]] },
    },
  },
});
const WORDS = {
  title: 'How a town\nlearned to glow',
  caption: 'The lanterns hang low.',
  end: 'Come by\nThe ferry',
};

describe('words and heads', () => {
  it('keep apart in every look and layout, wherever the head is, as long as there is room beside it', () => {
    const found: string[] = [];
    for (const look of LOOK_NAMES)
      for (const layout of ['title', 'caption', 'end'] as const)
        for (const y of [0.2, 0.35, 0.5, 0.65]) {
          const p = piece([scene('a', WORDS[layout], { layout, pictures: [picture('p')] })], { look });
          const { words } = compile(p, { ...NO_FACTS, assets: { p: portrait(y) } }, setter()).scenes[0] ?? {};
          if (words?.onHead) found.push(`${look} ${layout} ${y}`);
        }
    expect(found).toEqual([]);
  });

  it('meet where the writer put the words', () => {
    const words = (asset: AssetFact, look: SceneLook | null) =>
      compile(
        piece([scene('a', WORDS.end, { layout: 'end', look, pictures: [picture('p')] })]),
        { ...NO_FACTS, assets: { p: asset } },
        setter(),
      ).scenes[0]?.words;
    const there = { ...AS_THE_PIECE, places: { '9:16': { x: 0.5, y: 0.5, width: null } } } as SceneLook;
    expect(words(portrait(0.5), null)?.onHead).toBe(false);
    expect(words(portrait(0.5), there)?.onHead).toBe(true);
  });
});
