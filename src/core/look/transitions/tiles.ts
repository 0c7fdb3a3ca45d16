import { seeded } from '../../hash.ts';
import { easeOut } from '../easing.ts';
import { clipped, upright } from './draws.ts';
import type { Transition } from './types.ts';

/** Tiles along the short side. */
const ALONG = 3;

/** What comes appears tile by tile, each growing from its middle. */
export const tiles: Transition = {
  label: 'Tiles',
  takesTime: true,
  sound: 'click',
  between(before, after, t, { size: { width, height } }) {
    const side = Math.min(width, height) / ALONG;
    const [columns, rows] = [Math.round(width / side), Math.round(height / side)];
    const [w, h] = [width / columns, height / rows];
    const random = seeded('tiles');
    const out = [...before];
    for (let y = 0; y < rows; y++)
      for (let x = 0; x < columns; x++) {
        const open = easeOut((t - random() * 0.55) / 0.45);
        if (open <= 0) continue;
        const [tw, th] = [w * open, h * open];
        out.push(
          ...clipped(
            after,
            upright({ x: x * w + (w - tw) / 2, y: y * h + (h - th) / 2, width: tw, height: th }),
          ),
        );
      }
    return out;
  },
};
