import { easeInOut } from '../easing.ts';
import { moved, sheer } from './draws.ts';
import type { Transition } from './types.ts';

/** Traces of what is pulled past, at these shares of a frame's width behind it. */
const TRACES = [0.012, 0.026, 0.042, 0.06] as const;

/** A quick pull to the side, with what is pulled smeared along its way. */
export const whip: Transition = {
  label: 'Whip to the side',
  takesTime: true,
  sound: 'rush',
  between(before, after, t, { size: { width } }) {
    const gone = 2 * Math.round((width * easeInOut(easeInOut(t))) / 2);
    const speed = 1 - Math.abs(2 * t - 1);
    const both = [...moved(before, -gone, 0), ...moved(after, width - gone, 0)];
    return [
      ...both,
      ...TRACES.flatMap((share, i) => [
        ...sheer(moved(before, share * width * speed * 3 - gone, 0), 0.5 / (i + 1)),
        ...sheer(moved(after, width - gone + share * width * speed * 3, 0), 0.5 / (i + 1)),
      ]),
    ];
  },
};
