import type { Draw } from '../../paint/list.ts';
import { easeInOut } from '../easing.ts';
import { clipped, even, upright } from './draws.ts';
import type { Transition } from './types.ts';

/** Strips of the shade that falls on what comes, from dark to light. */
const SHADE = { strips: 6, alpha: 0.34, share: 0.09 } as const;
/** A shade narrower than this is not seen, pixels. */
const LEAST_SHADE = 4;

/** What goes is turned over like a leaf, to the left; its back is blank. */
export const page: Transition = {
  label: 'Turn of a page',
  takesTime: true,
  sound: 'paper',
  between(before, after, t, { size: { width, height }, paper, ink }) {
    // Where the leaf is folded, and how far its back reaches to the left of the fold.
    const fold = even(width * (1 - easeInOut(t)));
    const back = Math.min(width - fold, fold);
    const deep = SHADE.share * width * Math.sin(Math.PI * t);
    const shade = (x: number, to: 1 | -1): Draw[] =>
      Array.from({ length: deep < LEAST_SHADE ? 0 : SHADE.strips }, (_, i): Draw => {
        const strip = deep / SHADE.strips;
        const from = to > 0 ? x + i * strip : x - (i + 1) * strip;
        const area = upright({ x: from, y: 0, width: strip, height });
        const alpha = SHADE.alpha * (1 - i / SHADE.strips) ** 2;
        return { kind: 'shape', area, colour: ink, alpha, clip: null };
      });
    const leaf = upright({ x: fold - back, y: 0, width: back, height });
    return [
      ...after,
      ...shade(fold, 1),
      ...clipped(before, upright({ x: 0, y: 0, width: fold, height })),
      ...shade(fold - back, -1),
      { kind: 'shape', area: leaf, colour: paper, alpha: 1, clip: null },
      ...shade(fold, -1).map((d) => ({ ...d, alpha: d.alpha * 0.7 })),
    ];
  },
};
