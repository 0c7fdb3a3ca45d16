import type { Ornament, OrnamentPlace } from '../types.ts';
import { face, inset, layout, makeLook, part, reveal, scales } from './make.ts';

const LINE = '#dbe9f7';
const BRIGHT = '#ffffff';
const AMBER = '#ffcf5c';

const { area, alone, zones } = inset({ side: 0.075, top: 0.095, share: 0.48 });

/** Marks at the corners of the picture, and its measure along the top. */
function measures({ picture: p }: Pick<OrnamentPlace, 'picture'>): Ornament[] {
  const bar = (x: number, y: number, width: number, height: number): Ornament => ({
    ...{ kind: 'shape', x, y, width, height, radius: 0, colour: LINE },
  });
  const [x1, y1] = [p.x + p.width, p.y + p.height];
  const out = 14;
  const long = 44;
  const above = p.y - 34;
  return [
    ...[p.x - out, x1 + out - 3].flatMap((x) => [
      bar(x, p.y - out, 3, long),
      bar(x, y1 + out - long, 3, long),
    ]),
    ...[p.y - out, y1 + out - 3].flatMap((y) => [
      bar(p.x - out, y, long, 3),
      bar(x1 + out - long, y, long, 3),
    ]),
    bar(p.x, above, p.width, 2),
    ...[p.x, x1 - 2, p.x + p.width / 2].map((x) => bar(x, above - 9, 2, 20)),
  ];
}
const picture = { area, border: null, shadow: null, ornaments: measures };
const marked = { plate: null, colour: AMBER };

/** White lines on drawing-office blue: the picture measured, the words typed. */
export const measuredDrawing = makeLook({
  label: 'Measured drawing',
  describe: 'The picture between measuring lines on blue, words in an even pitch',
  suits: ['technical', 'sober'],
  colours: { ink: '#0d2a4d', paper: BRIGHT, accent: AMBER, ground: ['#17477f', '#113661'] },
  onGround: { colour: BRIGHT, accent: AMBER },
  faces: {
    display: face('jetbrains', 700, { leading: 1.2, tracking: -0.02 }),
    text: face('jetbrains', 500, { leading: 1.36, tracking: -0.02 }),
    small: face('jetbrains', 400, { leading: 1.36 }),
  },
  zones,
  bare: { ...picture, area: alone },
  layouts: {
    title: layout({
      head: part('display', BRIGHT, { highlight: marked }),
      ...{ scale: scales(98, 52, 6), picture },
      reveal: reveal('letters', { wholeAtOpening: true }),
      underline: {
        ...{ colour: AMBER, longest: 30, height: 0.05, gap: 0.12, frames: 14 },
        opening: { after: 4, frames: 18 },
      },
    }),
    caption: layout({
      head: part('text', BRIGHT, { highlight: marked, saidColour: AMBER }),
      ...{ scale: scales(56, 56, 4), picture },
      reveal: reveal('spoken', { frames: 3, wordFrames: 2 }),
    }),
    quote: layout({
      head: part('text', BRIGHT, { highlight: marked }),
      rest: part('small', AMBER),
      ...{ scale: scales(66, 42, 8, 44), picture },
      reveal: reveal('letters'),
    }),
    figure: layout({
      head: part('display', AMBER),
      rest: part('text', BRIGHT),
      ...{ scale: scales(220, 84, 1, 52), picture },
      reveal: reveal('counted'),
    }),
    end: layout({
      head: part('display', BRIGHT, { highlight: marked }),
      rest: part('text', AMBER),
      ...{ scale: scales(88, 50, 5, 50), picture },
      reveal: reveal('letters'),
    }),
  },
  transition: { kind: 'wipe', frames: 12 },
});
