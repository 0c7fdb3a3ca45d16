import { seeded } from '../../hash.ts';
import { easeInOut } from '../easing.ts';
import { clipped, upright } from './draws.ts';
import type { Transition } from './types.ts';

/** Shares of the frame's width: the strip of paper between both sides, and how ragged it is. */
const STRIP = { wide: 0.05, ragged: 0.03 } as const;
const STEPS = 46;

/** The edge of a torn sheet as a path from top to bottom, in parts of the frame: x of each step. */
const RAGGED = (() => {
  const random = seeded('torn');
  let drift = 0;
  return Array.from({ length: STEPS + 1 }, () => {
    drift = drift * 0.7 + (random() - 0.5) * 0.6;
    return drift + (random() - 0.5) * 0.5;
  });
})();

/** What goes is torn off, and the torn edge of its paper goes across. */
export const torn: Transition = {
  label: 'Torn paper',
  takesTime: true,
  sound: 'paper',
  between(before, after, t, { size: { width, height }, paper }) {
    const wide = 2 * Math.round((STRIP.wide * width) / 2);
    const ragged = STRIP.ragged * width;
    const reach = wide / 2 + ragged * 1.2;
    const at = 2 * Math.round((-reach + (width + 2 * reach) * easeInOut(t)) / 2);
    const full = 2 * Math.ceil(reach + ragged);
    const y = (i: number) => (height * i) / STEPS;
    const left = RAGGED.map((v, i) => `${full / 2 + full / 2 - wide / 2 + v * ragged} ${y(i)}`);
    const right = RAGGED.map((v, i) => `${full + wide / 2 - v * ragged * 0.8} ${y(i)}`);
    const path = `M ${[...left, ...right.reverse()].join(' L ')} Z`;
    return [
      ...before,
      ...clipped(after, upright({ x: 0, y: 0, width: at, height })),
      {
        ...{ kind: 'texture', alpha: 1, clip: null, blend: 'over' },
        texture: {
          ...{ kind: 'path', path, fill: paper, stroke: null, width: 2 * full, height },
          transform: [1, 0, 0, 1, 0, 0],
        },
        from: { x: 0, y: 0, width: 2 * full, height },
        to: { x: at - full, y: 0, width: 2 * full, height },
        transform: [1, 0, 0, 1, 0, 0],
      },
    ];
  },
};
