import { describe, expect, it } from 'vitest';
import { LOOK_NAMES } from '../look/looks.ts';
import { Typesetter } from '../look/typeset/typesetter.ts';
import { AS_THE_PIECE, type SceneLook } from '../piece/appearance.ts';
import { applyEdit } from '../piece/edit.ts';
import { styleScenes } from '../piece/style.ts';
import { picture, piece, scene } from '../piece/testing.ts';
import type { Piece } from '../piece/types.ts';
import { compile } from './compile.ts';
import type { AssetFact, Legibility } from './types.ts';

const setter = new Typesetter((text, font) => text.length * font.size * 0.5);

/** Pictures by their cells: darkest, lightest and how busy, from 0 to f. */
const PICTURES = {
  dark: '120'.repeat(96),
  light: 'def'.repeat(96),
  grey: '890'.repeat(96),
  'dark and light': '0f8'.repeat(96),
  'calm above': `${'010'.repeat(48)}${'0f8'.repeat(48)}`,
} as const;
type PictureName = keyof typeof PICTURES;

const fact = (cells: string): AssetFact => {
  const relief = { cells, heads: [] };
  return {
    ...{ id: 'p', kind: 'still', loopFrames: 0, durationMs: 0, sound: false },
    views: {
      wide: { width: 1920, height: 1280, focal: [0.3, 0.3, 0.4, 0.4], relief },
      tall: { width: 1080, height: 1920, focal: [0.3, 0.3, 0.4, 0.4], relief },
    },
  };
};

const legibilityOf = (p: Piece, name: PictureName): Legibility => {
  const facts = { takes: {}, tracks: {}, ownTracks: {}, assets: { p: fact(PICTURES[name]) } };
  const found = compile(p, facts, setter).scenes[0]?.words?.legibility;
  if (!found) throw new Error('There are no words.');
  return found;
};

const withLook = (look: Partial<SceneLook>, more: Partial<Piece> = {}): Piece => ({
  ...piece([
    scene('a', 'The barge holds the rope until noon.', {
      pictures: [picture('p')],
      look: { ...AS_THE_PIECE, ...look },
    }),
  ]),
  ...more,
});

/** The piece after the remedy, as the repair of the proof applies it. */
function mended(p: Piece, { remedy }: Legibility): Piece {
  const edit = remedy && styleScenes(p.scenes, remedy.look);
  const done = edit && applyEdit(p, edit);
  if (!done?.ok) throw new Error('There is no remedy.');
  return done.piece;
}

/** What writers do to words that then cannot be read. */
const WISHES: Partial<SceneLook>[] = [
  { ground: 'none' },
  { ground: 'none', colour: '#777777' },
  { ground: 'none', colour: '#0d0d0d' },
  { ground: 'none', colour: '#f4f4f4' },
  { ground: 'strip', groundColour: '#808080', colour: '#888888' },
  { ground: 'panel', groundColour: '#1c2b50', colour: '#111111' },
  { ground: 'outline', groundColour: '#b0b0b0', colour: '#ffffff' },
];

describe('words that cannot be read have a remedy after which they can', () => {
  it.each(LOOK_NAMES)('in %s, over every picture, tall and wide', (look) => {
    let poor = 0;
    const names = Object.keys(PICTURES) as PictureName[];
    for (const [i, name] of names.entries())
      for (const [k, wish] of WISHES.entries()) {
        const format = (i + k) % 2 ? '9:16' : '16:9';
        const p = withLook(wish, { look, format });
        const before = legibilityOf(p, name);
        if (before.ratio >= before.needed) {
          expect(before.remedy).toBeUndefined();
          continue;
        }
        poor++;
        const after = legibilityOf(mended(p, before), name);
        expect(
          after.ratio,
          `${name} ${format} ${JSON.stringify([wish, before.remedy])}`,
        ).toBeGreaterThanOrEqual(after.needed);
      }
    expect(poor).toBeGreaterThan(10);
  });
});

describe('the remedy is the change that is seen least', () => {
  const remedy = (name: PictureName, look: Partial<SceneLook>) =>
    legibilityOf(withLook(look, { look: 'fine-print' }), name).remedy;

  it('of a colour that nearly does, a lighter or a darker one of its kind', () => {
    const lighter = remedy('dark', { ground: 'none', colour: '#7a3030' });
    expect(lighter?.kind).toBe('lighter');
    expect(Object.keys(lighter?.look ?? {})).toEqual(['colour']);
    const [r = 0, g = 0, b = 0] =
      (lighter?.look.colour ?? '').match(/[0-9a-f]{2}/g)?.map((h) => Number.parseInt(h, 16)) ?? [];
    // It stays a red.
    expect(r).toBeGreaterThan(Math.max(g, b) + 20);
    expect(remedy('light', { ground: 'none', colour: '#c0a8e8' })?.kind).toBe('darker');
  });

  it('where the picture is dark and light at once, an outline: no colour would do', () => {
    expect(remedy('dark and light', { ground: 'none', colour: '#ffffff' })?.kind).toBe('outline');
  });

  it('on a strip, the words before the strip', () => {
    const found = remedy('dark', { ground: 'strip', groundColour: '#808080', colour: '#888888' });
    expect(['lighter', 'darker']).toContain(found?.kind);
  });
});
