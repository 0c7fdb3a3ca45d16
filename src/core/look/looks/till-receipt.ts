import { face, inset, layout, makeLook, overWord, panel, part, reveal, scales } from './make.ts';

const PAPER = '#fbfbf7';
const INK = '#222426';
const RED = '#c3272b';

const { area, alone, zones } = inset({ side: 0.1, top: 0.075, share: 0.47 });
const picture = { area, border: { colour: PAPER, width: 10 }, shadow: 'rgba(0, 0, 0, 0.25)' };
const slip = panel(PAPER, { pad: { x: 56, y: 44 }, edge: 'zigzag', span: 'zone' });
const marked = { plate: overWord('#ffe066', 0), colour: INK };

/** What comes out of a till: narrow paper, cut in teeth, printed letter by letter. */
export const tillReceipt = makeLook({
  label: 'Till receipt',
  describe: 'Printed letter by letter on a paper slip with cut teeth',
  suits: ['shop', 'technical', 'playful'],
  colours: { ink: INK, paper: PAPER, accent: RED, ground: ['#c6cec9', '#adb7b1'] },
  onGround: { colour: INK, accent: '#7d1013' },
  faces: {
    display: face('courier', 700, { upper: true, leading: 1.16, baseline: 0.31 }),
    text: face('courier', 700, { leading: 1.3, baseline: 0.31 }),
    small: face('courier', 400, { leading: 1.3, baseline: 0.31 }),
  },
  zones,
  bare: { ...picture, area: alone },
  layouts: {
    title: layout({
      head: part('display', INK, { highlight: marked }),
      ...{ scale: scales(104, 54, 6), align: 'centre', panel: slip, picture },
      reveal: reveal('letters', { wholeAtOpening: true }),
    }),
    caption: layout({
      head: part('text', INK, { highlight: marked, said: overWord('#ffe066', 0) }),
      ...{ scale: scales(58, 58, 4), panel: slip, picture },
      reveal: reveal('spoken', { frames: 4, wordFrames: 2 }),
    }),
    quote: layout({
      head: part('text', INK, { highlight: marked }),
      rest: part('display', RED),
      ...{ scale: scales(70, 42, 8, 46), panel: slip, picture },
      reveal: reveal('letters'),
    }),
    figure: layout({
      head: part('display', INK),
      rest: part('text', INK),
      ...{ scale: scales(200, 80, 1, 52), align: 'centre', panel: slip, picture },
      reveal: reveal('counted'),
    }),
    end: layout({
      head: part('display', INK, { highlight: marked }),
      rest: part('text', RED),
      ...{ scale: scales(92, 48, 5, 50), align: 'centre', panel: slip, picture },
      reveal: reveal('letters'),
    }),
  },
  transition: { kind: 'push', frames: 12 },
});
