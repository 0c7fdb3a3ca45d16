import type { Ornament, OrnamentPlace } from '../types.ts';
import { face, inset, layout, makeLook, part, reveal, scales } from './make.ts';

const CREAM = '#f8f1df';
const GREEN = '#1f5a45';
const INK = '#1d2b25';
const RED = '#992d23';

const { area, alone, zones } = inset({ side: 0.09, top: 0.09, share: 0.49 });

const HOLE = 9;
/** Reach of the controls of four Bezier curves that make a circle, of its radius. */
const ARC = 0.5523;

/** A circle as a path. */
function circle(x: number, y: number, r: number): string {
  const c = r * ARC;
  const quarters = [
    [x + r, y + c, x + c, y + r, x, y + r],
    [x - c, y + r, x - r, y + c, x - r, y],
    [x - r, y - c, x - c, y - r, x, y - r],
    [x + c, y - r, x + r, y - c, x + r, y],
  ];
  return `M ${x + r} ${y} ${quarters.map((q) => `C ${q.join(' ')}`).join(' ')} Z`;
}

/** Holes from one point to another, both included: one path, which costs a frame less than its many circles. */
function holes(x0: number, y0: number, x1: number, y1: number, steps: number): Ornament {
  const at = (i: number) => circle(x0 + ((x1 - x0) * i) / steps, y0 + ((y1 - y0) * i) / steps, HOLE);
  return {
    ...{ kind: 'path', path: Array.from({ length: steps + 1 }, (_, i) => at(i)).join(' '), fill: '#d3dccd' },
    ...{ stroke: null },
    box: { x: x0 - HOLE, y: y0 - HOLE, width: x1 - x0 + 2 * HOLE, height: y1 - y0 + 2 * HOLE },
  };
}

/** The white sheet of a stamp with its teeth: a row of holes on each side of the picture. */
function teeth({ picture: p }: Pick<OrnamentPlace, 'picture'>): Ornament[] {
  const wide = 24;
  const step = 30;
  const [left, top, right, bottom] = [p.x - wide, p.y - wide, p.x + p.width + wide, p.y + p.height + wide];
  // Three steps at least: the holes at the corners are of the upper and lower row.
  const [across, down] = [right - left, bottom - top].map((l) => Math.max(3, Math.round(l / step))) as [
    number,
    number,
  ];
  const apart = (bottom - top) / down;
  return [
    holes(left, top, right, top, across),
    holes(left, bottom, right, bottom, across),
    holes(left, top + apart, left, bottom - apart, down - 2),
    holes(right, top + apart, right, bottom - apart, down - 2),
  ];
}

/** Wavy lines of a postmark, over the corner of the picture. */
const waves = ({ picture: p }: Pick<OrnamentPlace, 'picture'>): Ornament => {
  const [x0, y0] = [p.x + p.width * 0.62, p.y + p.height * 0.04];
  const wide = p.width * 0.36;
  const lines = [0, 1, 2, 3].map((k) => {
    const y = y0 + k * 26;
    const parts = [0, 1, 2, 3].map((i) => {
      const x = x0 + (wide * i) / 4;
      return `Q ${x + wide / 16} ${y - 14} ${x + wide / 8} ${y} Q ${x + (wide * 3) / 16} ${y + 14} ${x + wide / 4} ${y}`;
    });
    return `M ${x0} ${y} ${parts.join(' ')}`;
  });
  return {
    ...{
      kind: 'path',
      path: lines.join(' '),
      fill: null,
      stroke: { colour: 'rgba(248, 241, 223, 0.75)', width: 5 },
    },
    box: { x: x0 - 6, y: y0 - 20, width: wide + 12, height: 120 },
  };
};

const picture = {
  ...{ area, border: { colour: CREAM, width: 24 }, shadow: null },
  ornaments: (at: Pick<OrnamentPlace, 'picture'>) => [...teeth(at), waves(at)],
};
const marked = { plate: null, colour: RED };

/** A large stamp with its teeth and a postmark, and the words as an address. */
export const postageStamp = makeLook({
  label: 'Postage stamp',
  describe: 'The picture as a stamp with teeth and postmark, words like an address',
  suits: ['nostalgic', 'warm', 'literary'],
  colours: { ink: INK, paper: CREAM, accent: RED, ground: ['#dbe3d6', '#cbd6c6'] },
  onGround: { colour: INK, accent: '#8f2a20' },
  faces: {
    display: face('fraunces', 700, { leading: 1.16 }),
    text: face('lora', 600, { leading: 1.34 }),
    small: face('lora', 500, { italic: true, leading: 1.36 }),
  },
  zones,
  bare: { ...picture, area: alone },
  layouts: {
    title: layout({
      head: part('display', INK, { highlight: marked }),
      ...{ scale: scales(112, 58, 5), align: 'centre', picture },
      reveal: reveal('rise', { frames: 14, wholeAtOpening: true }),
    }),
    caption: layout({
      head: part('text', INK, { highlight: marked, saidColour: RED }),
      ...{ scale: scales(60, 60, 4), align: 'centre', picture },
      reveal: reveal('spoken', { frames: 5 }),
    }),
    quote: layout({
      head: part('text', INK, { highlight: marked }),
      rest: part('small', GREEN),
      ...{ scale: scales(74, 44, 7, 46), align: 'centre', picture },
      reveal: reveal('rise'),
    }),
    figure: layout({
      head: part('display', RED),
      rest: part('text', INK),
      ...{ scale: scales(240, 90, 1, 60), align: 'centre', picture },
      reveal: reveal('counted'),
    }),
    end: layout({
      head: part('display', INK, { highlight: marked }),
      rest: part('small', GREEN),
      ...{ scale: scales(100, 54, 5, 52), align: 'centre', picture },
      reveal: reveal('rise'),
    }),
  },
  transition: { kind: 'iris', frames: 16 },
});
