import { describe, expect, it } from 'vitest';
import { stageOf } from '../../core/look/formats.ts';
import { LAYOUT_NAMES, type Layout } from '../../core/look/layouts.ts';
import { LOOK_NAMES } from '../../core/look/looks.ts';
import { REVEAL_KINDS } from '../../core/look/reveals.ts';
import { frameAt } from '../../core/paint/frame.ts';
import { AS_THE_PIECE, GROUNDS, STRESSES } from '../../core/piece/appearance.ts';
import { emptyPiece, emptyScene, type Piece, placed } from '../../core/piece/types.ts';
import { compile } from '../../core/timeline/compile.ts';
import type { AssetFact, Timeline } from '../../core/timeline/types.ts';
import { typesetter } from '../material.ts';
import { paintedTwice, patternSources, ssim } from './testing.ts';

const SIZE = { width: 270, height: 480 };
const FILE = stageOf('9:16');
const WORDS: Partial<Record<Layout, string>> = {
  figure: '1,284\nthings mended since the spring',
  number: '3. Ask what broke',
  quote: 'A thing that can be opened can be mended.\nPia Lindqvist',
  plain: '',
};

const fact = (id: string): AssetFact => ({
  ...{ id, kind: 'still', loopFrames: 0, durationMs: 0, sound: false },
  views: { tall: { ...FILE, focal: [0.3, 0.3, 0.4, 0.4] } },
});
const assets = { one: fact('one'), two: fact('two') };

const pieceOf = (scenes: Partial<Piece['scenes'][number]>[], more: Partial<Piece>): Piece => ({
  ...emptyPiece(),
  ...more,
  scenes: scenes.map((s, i) => ({
    ...emptyScene(`s${i}`),
    ...{ shown: 'Every Thursday she opens at six', pictures: [placed(i % 2 ? 'two' : 'one')] },
    ...s,
  })),
});

/** Moments of each scene: while words come, when they stand, and while they go. */
function momentsOf({ scenes }: Timeline, shares: readonly number[]) {
  return scenes.flatMap((s, index) =>
    shares.map((k) => ({ index, frame: Math.floor((s.end - s.start - 1) * k) })),
  );
}

/** The least likeness of the two painters over some moments of a piece. */
async function leastAlike(piece: Piece, shares: readonly number[]): Promise<number> {
  const timeline = compile(piece, { takes: {}, tracks: {}, ownTracks: {}, assets }, typesetter());
  const lists = momentsOf(timeline, shares).map((m) => frameAt(timeline, m, SIZE));
  const { canvas, compositor } = await paintedTwice(SIZE, lists, patternSources(FILE));
  return Math.min(...canvas.map((frame, i) => ssim(frame, compositor[i] as Buffer, SIZE)));
}

describe('both painters show the same', () => {
  it.each(LOOK_NAMES)('in the look %s, in all its layouts', async (look) => {
    const scenes = LAYOUT_NAMES.map((layout) => {
      const shown = WORDS[layout] ?? 'Every Thursday she opens at six';
      return { layout, shown, highlights: shown ? [[0, 5] as [number, number]] : [] };
    });
    expect(await leastAlike(pieceOf(scenes, { look }), [0.06, 0.6])).toBeGreaterThanOrEqual(0.99);
  });

  it.each(REVEAL_KINDS)('while words come: %s', async (reveal) => {
    const look = { ...AS_THE_PIECE, reveal };
    const scenes = (['title', 'caption', 'figure'] as const).map((layout) => ({
      ...{ layout, look },
      ...(WORDS[layout] ? { shown: WORDS[layout] } : {}),
    }));
    const piece = pieceOf([{ layout: 'plain', shown: '' }, ...scenes], { look: 'loud-poster' });
    expect(await leastAlike(piece, [0.03, 0.07, 0.12, 0.2, 0.97])).toBeGreaterThanOrEqual(0.99);
  });

  it.each(GROUNDS)('on the ground that a writer chose: %s', async (ground) => {
    const look = { ...AS_THE_PIECE, ground, colour: '#ffe08a', groundColour: '#23304a' };
    const scenes = (['title', 'caption'] as const).map((layout) => ({ layout, look }));
    for (const of of ['index-card', 'fine-print'] as const)
      expect(await leastAlike(pieceOf(scenes, { look: of }), [0.1, 0.6])).toBeGreaterThanOrEqual(0.99);
  });

  it.each(STRESSES)('in words that stand out by %s', async (stress) => {
    const scenes = ([null, 'outline', 'shade'] as const).map((ground) => ({
      highlights: [[6, 14] as [number, number]],
      look: { ...AS_THE_PIECE, stress, ground },
    }));
    for (const of of ['plain-spoken', 'felt-pen'] as const)
      expect(await leastAlike(pieceOf(scenes, { look: of }), [0.3, 0.6])).toBeGreaterThanOrEqual(0.99);
  });
});
