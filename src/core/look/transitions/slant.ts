import type { Area } from '../../paint/list.ts';
import { easeInOut } from '../easing.ts';
import { clipped } from './draws.ts';
import type { Transition } from './types.ts';

/** Of the edge to the upright, radians. */
const ANGLE = 0.42;

/** A slanting edge goes across with a band of the accent before it. */
export const slant: Transition = {
  label: 'Slanting wipe',
  takesTime: true,
  sound: 'rush',
  between(before, after, t, { size: { width, height }, paper }) {
    const reach = Math.hypot(width, height);
    const [cos, sin] = [Math.cos(ANGLE), Math.sin(ANGLE)];
    const band = (share: number): Area => {
      const most = width * cos + height * sin;
      const at = most * Math.min(1, Math.max(0, share));
      const area = { x: -reach, y: -reach, width: reach + at, height: reach * 3, radius: 0 };
      return { ...area, transform: [cos, sin, -sin, cos, sin * sin * 0, 0] };
    };
    const t1 = easeInOut(t);
    return [
      ...before,
      {
        kind: 'shape',
        area: band(t1 + 0.07 * (1 - Math.abs(2 * t1 - 1)) + t1 * 0.02),
        colour: paper,
        alpha: 1,
        clip: null,
      },
      ...clipped(after, band(t1)),
    ];
  },
};
