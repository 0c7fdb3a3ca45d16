import { lookNameOf } from '../../look/dress.ts';
import { luminanceOf, ratioOf } from '../../look/legible.ts';
import { lookOf } from '../../look/looks.ts';
import type { Edit } from '../../piece/edit.ts';
import { styleScenes } from '../../piece/style.ts';
import type { Piece, Scene } from '../../piece/types.ts';
import type { Legibility } from '../../timeline/types.ts';
import { type Check, type Finding, rowsOf } from '../types.ts';

export interface LegibleFinding extends Finding, Pick<Legibility, 'ratio' | 'needed' | 'contrast' | 'on'> {}

/** Figures are rounded before they are compared: what is shown as enough is enough. */
const ROUND = 0.05;

/** Words that cannot be told well enough from what is behind them. Mended by the least that is enough. */
export const legible: Check<LegibleFinding> = {
  weight: 'look',
  pass: 'look',
  find: (input) =>
    rowsOf(input).flatMap(({ scene, at }) => {
      const found = at.words?.legibility;
      if (!found || found.ratio >= found.needed - ROUND) return [];
      const { ratio, needed, contrast, on } = found;
      return [
        { sceneId: scene.id, ratio, needed, contrast, on, repair: repairOf(input.piece, scene, found) },
      ];
    }),
};

/** On a ground of its own, words get another colour; on a picture, the picture a shade, and the words a colour that it suits. */
function repairOf(piece: Piece, scene: Scene, { on, ground }: Legibility): Edit | null {
  const { ink, paper, ground: behind } = lookOf(lookNameOf(piece, scene)).colours;
  const plain = on === 'ground' ? behind[0] : ground;
  if (plain !== null)
    return styleScenes([scene], { colour: furthest(plain, [ink, paper, '#ffffff', '#111111']) });
  if (on === 'picture')
    return styleScenes([scene], { ground: 'shade', groundColour: '#0b0a0f', colour: '#ffffff' });
  return null;
}

const furthest = (from: string, colours: readonly string[]): string =>
  colours.reduce((best, c) =>
    ratioOf(luminanceOf(c), luminanceOf(from)) > ratioOf(luminanceOf(best), luminanceOf(from)) ? c : best,
  );
