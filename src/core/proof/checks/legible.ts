import { styleScenes } from '../../piece/style.ts';
import type { Legibility, RemedyKind } from '../../timeline/types.ts';
import { type Check, type Finding, rowsOf } from '../types.ts';

export interface LegibleFinding extends Finding, Pick<Legibility, 'ratio' | 'needed' | 'contrast' | 'on'> {
  /** What its repair changes. */
  remedy: RemedyKind | null;
}

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
      const { ratio, needed, contrast, on, remedy } = found;
      return [
        {
          ...{ sceneId: scene.id, ratio, needed, contrast, on },
          remedy: remedy?.kind ?? null,
          repair: remedy ? styleScenes([scene], remedy.look) : null,
        },
      ];
    }),
};
