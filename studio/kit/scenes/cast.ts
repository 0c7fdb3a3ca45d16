import { named } from '../named.ts';
import type { Paint } from '../paint.ts';
import type { Body, FrontFigure, SideFigure } from '../people.ts';
import * as people from '../people.ts';

/** A figure as scenes ask for it: local colours, and a skin tone from 0 (light) to 4 (dark). */
type Local<F extends Body> = Omit<F, 'skin'> & { skin: number };

/** Where the feet of a pose are below the hip, in its own unit. */
type Pose<F extends Body> = Partial<Local<F>> & { foot?: number };

/** Made-up people: looks and clothes, so that faces vary and nobody stands for a kind. Colours are local colours. */
export const CAST: Record<string, Local<Body>> = {
  ada: { skin: 3, hair: '#1d1613', hairStyle: 'bun', top: 'mustard', bottom: 'navy', shoe: 'cream' },
  bo: { skin: 0, hair: '#a5652f', hairStyle: 'short', top: 'teal', bottom: '#4a4152', beard: 1 },
  cleo: { skin: 4, hair: '#141010', hairStyle: 'curly', top: 'rose', bottom: 'denim', shoe: 'white' },
  dan: { skin: 2, hair: '#2a1a14', hairStyle: 'short', top: 'brick', bottom: 'navy', glasses: 1 },
  elsa: { skin: 0, hair: '#d8b06a', hairStyle: 'pony', top: 'green', bottom: '#3d3a4c', shoe: 'red' },
  finn: { skin: 1, hair: '#3a241a', hairStyle: 'curly', top: 'cream', bottom: 'olive' },
  gita: { skin: 2, hair: '#1f1512', hairStyle: 'long', top: 'red', bottom: '#44354f' },
  hugo: { skin: 1, hair: '#b9b3a8', hairStyle: 'grey', top: 'denim', bottom: '#5b4a3c', glasses: 1 },
  ina: { skin: 0, hair: '#c9c3b8', hairStyle: 'bun', top: '#7a5a86', bottom: '#3c4a52', glasses: 1 },
  jo: { skin: 4, hair: '#120e0e', hairStyle: 'short', top: 'blue', bottom: 'woodL', shoe: 'white' },
  kit: { skin: 1, hair: '#8a3f24', hairStyle: 'bob', top: 'olive', bottom: 'dark' },
  lee: { skin: 1, hair: '#181416', hairStyle: 'bob', top: 'blue', bottom: 'cream', shoe: 'brick' },
  mara: { skin: 2, hair: '#5b3220', hairStyle: 'long', top: 'teal', bottom: 'rose' },
  ned: { skin: 3, hair: '#2a2220', hairStyle: 'bald', top: 'olive', bottom: 'dark', beard: 1 },
};

/** Poses seen from the side, in the figure's own unit: 100 is its height, the origin its pelvis, it faces right. */
const SIDE: Record<string, Pose<SideFigure>> = {
  stand: {
    hands: [
      [5, 2],
      [1, 2],
    ],
    hdirs: [85, 85],
    feet: [
      [3, 47],
      [-4, 46.5],
    ],
  },
  walk: {
    lean: 4,
    hands: [
      [14, -4],
      [-13, -2],
    ],
    hdirs: [60, 120],
    feet: [
      [13, 45],
      [-16, 44],
    ],
  },
  run: {
    lean: 12,
    head: -4,
    sleeve: 'short',
    hands: [
      [17, -24],
      [-13, -12],
    ],
    hdirs: [-70, 60],
    feet: [
      [20, 33],
      [-27, 34],
    ],
  },
  give: {
    lean: 4,
    hands: [
      [29, -17],
      [24, -15],
    ],
    hdirs: [-8, -8],
    feet: [
      [5, 46.5],
      [-6, 46],
    ],
  },
  carry: {
    lean: -3,
    hands: [
      [19, -10],
      [18, -8],
    ],
    hdirs: [0, 0],
    feet: [
      [9, 46],
      [-12, 45],
    ],
  },
  point: {
    lean: 2,
    hands: [
      [27, -41],
      [4, 0],
    ],
    hdirs: [-25, 85],
    feet: [
      [4, 47],
      [-5, 46.5],
    ],
  },
  call: {
    hands: [
      [7, -38],
      [3, 2],
    ],
    hdirs: [-95, 80],
    feet: [
      [4, 47],
      [-5, 46.5],
    ],
  },
  work: {
    lean: 8,
    head: 12,
    hands: [
      [25, -13],
      [23, -12],
    ],
    hdirs: [10, 10],
    feet: [
      [5, 46.5],
      [-6, 46],
    ],
  },
  reach: {
    lean: 2,
    head: -14,
    hands: [
      [14, -57],
      [11, -54],
    ],
    hdirs: [-70, -70],
    feet: [
      [5, 46.5],
      [-6, 46],
    ],
  },
  push: {
    lean: 32,
    head: -8,
    hands: [
      [38, -34],
      [37, -30],
    ],
    hdirs: [-20, -20],
    feet: [
      [2, 45],
      [-27, 40],
    ],
    foot: 49,
  },
  pull: {
    lean: -24,
    head: 10,
    hands: [
      [18, -20],
      [22, -19],
    ],
    hdirs: [0, 0],
    feet: [
      [20, 43],
      [6, 46],
    ],
    foot: 49,
  },
  bend: {
    lean: 55,
    head: 6,
    hands: [
      [34, 10],
      [32, 12],
    ],
    hdirs: [80, 80],
    feet: [
      [6, 46.5],
      [-6, 46],
    ],
  },
  climb: {
    lean: 6,
    head: -20,
    hands: [
      [15, -56],
      [13, -40],
    ],
    hdirs: [-80, -80],
    feet: [
      [15, 16],
      [5, 44],
    ],
    foot: 44,
  },
  sit: {
    hands: [
      [21, -4],
      [19, -3],
    ],
    hdirs: [10, 10],
    feet: [
      [25, 22],
      [21, 22],
    ],
    foot: 26.5,
  },
  type: {
    lean: 5,
    head: 6,
    hands: [
      [28, -11],
      [26, -10],
    ],
    hdirs: [5, 5],
    feet: [
      [26, 22],
      [20, 22],
    ],
    foot: 26.5,
  },
  kneel: {
    lean: 18,
    head: 14,
    hands: [
      [28, 2],
      [26, 4],
    ],
    hdirs: [50, 50],
    feet: [
      [22, 22],
      [-20, 23],
    ],
    foot: 26.5,
  },
  cheer: {
    head: -16,
    hands: [
      [13, -58],
      [-5, -58],
    ],
    hdirs: [-75, -95],
    feet: [
      [6, 46.5],
      [-8, 46],
    ],
  },
};

/** Poses seen from the front or the back. */
const FRONT: Record<string, Pose<FrontFigure>> = {
  stand: {
    hands: [
      [-14, 3],
      [14, 3],
    ],
    hdirs: [95, 85],
    feet: [
      [-5, 49],
      [5, 49],
    ],
  },
  cheer: {
    hands: [
      [-19, -58],
      [19, -58],
    ],
    hdirs: [-95, -85],
    feet: [
      [-7, 48],
      [7, 48],
    ],
  },
  hold: {
    hands: [
      [-6, -11],
      [6, -11],
    ],
    bends: [1, -1],
    hdirs: [0, 180],
    feet: [
      [-5, 49],
      [5, 49],
    ],
  },
  wave: {
    hands: [
      [-14, 2],
      [24, -54],
    ],
    hdirs: [95, -70],
    feet: [
      [-5, 49],
      [5, 49],
    ],
  },
  hips: {
    hands: [
      [-9, -3],
      [9, -3],
    ],
    bends: [1, -1],
    hdirs: [20, 160],
    feet: [
      [-7, 49],
      [7, 49],
    ],
  },
  bust: {
    hands: [
      [-13, 0],
      [13, 0],
    ],
    hdirs: [95, 85],
  },
  table: {
    hands: [
      [-10, -2],
      [10, -2],
    ],
    bends: [1, -1],
    hdirs: [30, 150],
  },
};

const WORN = ['top', 'bottom', 'shoe', 'collar', 'apron', 'hatCol', 'pack', 'stripe'] as const;

/** Somebody of the cast, with a pose and other clothes, in this light. */
function dressed<F extends SideFigure | FrontFigure>(P: Paint, who: string, more: Partial<Local<F>>): F {
  const c: Partial<Record<(typeof WORN)[number], string>> & Local<Body> = { ...named(CAST, who), ...more };
  for (const k of WORN) {
    const col = c[k];
    if (col) c[k] = P.pal.c(col);
  }
  return { eye: 'open', ...c, skin: P.pal.skin(c.skin), hair: P.pal.c(c.hair) } as F;
}

/** A person from the side, standing (or sitting) on the ground at y. s: pixels per unit of a height of 100. */
export function figure(
  P: Paint,
  x: number,
  y: number,
  s: number,
  who: string,
  pose: string,
  more: Pose<SideFigure> = {},
) {
  const { foot = 51, ...p } = { ...named(SIDE, pose), ...more };
  const body = dressed<SideFigure>(P, who, p);
  P.group(() => people.side(P, x, y - foot * s, s, { bends: [1, 1], knees: [-1, -1], ...body }), {
    lift: 4,
  });
}

/** A person from the front, or with view 'back' from behind. The ground is at y; for poses without feet the hip is. */
export function facing(
  P: Paint,
  x: number,
  y: number,
  s: number,
  who: string,
  pose: string,
  more: Pose<FrontFigure> = {},
) {
  const p = { ...named(FRONT, pose), ...more };
  const body = dressed<FrontFigure>(P, who, p);
  P.group(() => people.front(P, x, y - (p.feet ? 52 * s : 0), s, body), { lift: 4 });
}
