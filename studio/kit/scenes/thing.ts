import { objects } from '../objects.ts';
import type { Paint } from '../paint.ts';

/** A thing of the table of objects where a scene wants it. */
export const thing = (P: Paint, name: keyof typeof objects, x: number, y: number, s = 1, sx = s) =>
  P.at(x, y, () => P.group(() => objects[name](P, {}), { lift: 4 }), { sx, sy: s });
