import type { Ornament, OrnamentPlace } from '../types.ts';
import { face, layout, makeLook, overWord, panel, part, reveal, SAFE, scales, within } from './make.ts';

const PLUM = '#4b1e5a';
const WHITE = '#fffdf8';
const MINT = '#8fe0c0';
const ORANGE = '#ff8a3d';

/** Cut shapes that look out from behind a sheet. */
const cutouts = ({ panel: p }: OrnamentPlace): Ornament[] => [
  { kind: 'shape', x: p.x - 46, y: p.y - 40, width: 110, height: 110, radius: 55, colour: ORANGE },
  {
    kind: 'shape',
    x: p.x + p.width - 70,
    y: p.y + p.height - 66,
    width: 120,
    height: 96,
    radius: 14,
    colour: MINT,
  },
  { kind: 'shape', x: p.x, y: p.y, width: p.width, height: p.height, radius: 22, colour: WHITE },
];
const sheet = panel(WHITE, { pad: { x: 54, y: 42 }, radius: 22, shadow: 'rgba(40, 10, 50, 0.22)' });
const marked = { plate: overWord(MINT, 0.2), colour: PLUM };

/** White sheets with cut coloured shapes behind them, in round wide letters. */
export const paperCut = makeLook({
  label: 'Paper cut',
  describe: 'Wide round letters on white sheets, with coloured shapes behind',
  suits: ['playful', 'warm', 'loud'],
  colours: { ink: PLUM, paper: WHITE, accent: ORANGE, ground: [PLUM, '#38134a'] },
  onGround: { colour: WHITE, accent: MINT },
  faces: {
    display: face('unbounded', 700, { leading: 1.2 }),
    text: face('figtree', 800, { leading: 1.32 }),
    small: face('figtree', 700, { leading: 1.36 }),
  },
  zones: within(SAFE, 20),
  layouts: {
    title: layout({
      head: part('display', PLUM, { highlight: marked }),
      ...{ scale: scales(104, 52, 6), panel: sheet, ornaments: cutouts },
      reveal: reveal('rise', { wholeAtOpening: true }),
    }),
    caption: layout({
      head: part('text', PLUM, { highlight: marked, said: overWord(MINT, 0.2) }),
      ...{ scale: scales(66, 66, 3), panel: { ...sheet, pad: { x: 40, y: 24 } } },
      reveal: reveal('spoken', { frames: 5 }),
    }),
    quote: layout({
      head: part('text', PLUM, { highlight: marked }),
      rest: part('small', '#b04a00'),
      ...{ scale: scales(84, 46, 8, 44), panel: sheet, ornaments: cutouts },
      reveal: reveal('rise'),
    }),
    figure: layout({
      head: part('display', '#b04a00'),
      rest: part('text', PLUM),
      ...{ scale: scales(210, 80, 1, 60), panel: sheet, ornaments: cutouts },
      reveal: reveal('counted'),
    }),
    end: layout({
      head: part('display', PLUM, { highlight: marked }),
      rest: part('small', '#b04a00'),
      ...{ scale: scales(92, 48, 5, 54), panel: { ...sheet, span: 'zone' }, ornaments: cutouts },
      reveal: reveal('rise'),
    }),
  },
  transition: { kind: 'tiles', frames: 15 },
});
