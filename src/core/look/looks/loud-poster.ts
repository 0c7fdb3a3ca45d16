import { face, layout, makeLook, part, reveal, SAFE, scales } from './make.ts';

const SIGNAL = '#ff6242';
const INK = '#141b33';
const CREAM = '#fff2d8';

const drawn = { outline: { colour: INK, width: 0.06 } };
const marked = { plate: null, colour: '#9fe8cf' };

/** Heavy condensed cream capitals edged in ink, that slide in from both sides. */
export const loudPoster = makeLook({
  label: 'Loud poster',
  describe: 'Huge cream capitals edged in ink, sliding in from both sides',
  suits: ['loud', 'playful'],
  colours: { ink: INK, paper: CREAM, accent: SIGNAL, ground: ['#ff6f50', '#ff6242'] },
  onGround: { colour: INK, accent: '#5a0a30' },
  faces: {
    display: face('anton', 400, { upper: true, leading: 1.16, baseline: 0.37, tracking: 0.01 }),
    text: face('anton', 400, { upper: true, leading: 1.22, baseline: 0.37, tracking: 0.015 }),
    small: face('oswald', 700, { upper: true, leading: 1.3 }),
  },
  zones: SAFE,
  layouts: {
    title: layout({
      head: part('display', CREAM, { ...drawn, highlight: marked }),
      ...{ scale: scales(230, 96, 5), align: 'centre' },
      reveal: reveal('slide', { wholeAtOpening: true }),
      settle: { by: 0.05, frames: 12 },
    }),
    caption: layout({
      head: part('text', CREAM, { ...drawn, highlight: marked }),
      ...{ scale: scales(104, 104, 3), align: 'centre' },
      reveal: reveal('slide', { frames: 7, lineDelay: 2 }),
    }),
    quote: layout({
      head: part('text', CREAM, { ...drawn, highlight: marked }),
      rest: part('small', CREAM, drawn),
      ...{ scale: scales(120, 60, 7, 52), align: 'centre' },
      reveal: reveal('slide'),
    }),
    figure: layout({
      head: part('display', SIGNAL, drawn),
      rest: part('text', CREAM, drawn),
      ...{ scale: scales(380, 120, 1, 84), align: 'centre' },
      reveal: reveal('counted'),
    }),
    end: layout({
      head: part('display', INK, { highlight: null }),
      rest: part('text', INK),
      ...{ scale: scales(170, 76, 5, 72), align: 'centre' },
      reveal: reveal('slide'),
      scrim: { colour: SIGNAL, alpha: 0.94, frames: 6 },
    }),
  },
  transition: { kind: 'whip', frames: 9 },
});
