import { face, layout, makeLook, part, reveal, SAFE, scales } from './make.ts';

const YELLOW = '#ffe100';
const BLACK = '#0c0c0c';
const WHITE = '#ffffff';

const drawn = { outline: { colour: BLACK, width: 0.06 } };
const marked = { plate: null, colour: '#ff8a3c' };

/** Heavy condensed capitals with a black edge, that pop up with the voice. */
export const loudPoster = makeLook({
  label: 'Loud poster',
  describe: 'Huge white capitals with a black edge, popping up with the voice',
  suits: ['loud', 'playful'],
  colours: { ink: BLACK, paper: WHITE, accent: YELLOW, ground: ['#ffe100', '#ffcf00'] },
  onGround: { colour: BLACK, accent: '#b0001e' },
  faces: {
    display: face('anton', 400, { upper: true, leading: 1.16, baseline: 0.37, tracking: 0.01 }),
    text: face('anton', 400, { upper: true, leading: 1.22, baseline: 0.37, tracking: 0.015 }),
    small: face('oswald', 700, { upper: true, leading: 1.3 }),
  },
  zones: SAFE,
  layouts: {
    title: layout({
      head: part('display', WHITE, { ...drawn, highlight: marked }),
      ...{ scale: scales(230, 96, 5), align: 'centre' },
      reveal: reveal('popped', { wholeAtOpening: true }),
      settle: { by: 0.05, frames: 12 },
    }),
    caption: layout({
      head: part('text', WHITE, { ...drawn, highlight: marked, saidColour: YELLOW }),
      ...{ scale: scales(104, 104, 3), align: 'centre' },
      reveal: reveal('popped', { wordFrames: 3 }),
    }),
    quote: layout({
      head: part('text', WHITE, { ...drawn, highlight: marked }),
      rest: part('small', YELLOW, drawn),
      ...{ scale: scales(120, 60, 7, 52), align: 'centre' },
      reveal: reveal('slide'),
    }),
    figure: layout({
      head: part('display', YELLOW, drawn),
      rest: part('text', WHITE, drawn),
      ...{ scale: scales(380, 120, 1, 84), align: 'centre' },
      reveal: reveal('counted'),
    }),
    end: layout({
      head: part('display', BLACK, { highlight: null }),
      rest: part('text', BLACK),
      ...{ scale: scales(170, 76, 5, 72), align: 'centre' },
      reveal: reveal('slide'),
      scrim: { colour: YELLOW, alpha: 0.94, frames: 6 },
    }),
  },
  transition: { kind: 'whip', frames: 9 },
});
