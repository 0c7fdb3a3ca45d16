import { face, inset, layout, makeLook, part, reveal, scales } from './make.ts';

const WALL = '#eeece6';
const INK = '#1c1c1a';
const GREY = '#5b5a54';

const { area, alone, zones } = inset({ side: 0.1, top: 0.1, share: 0.5 });
const picture = { area, border: { colour: '#fbfaf7', width: 26 }, shadow: 'rgba(60, 55, 40, 0.25)' };
const marked = { plate: null, colour: '#8a3b12' };

/** A framed picture on a pale wall, with a small label beside it. */
export const wallLabel = makeLook({
  label: 'Wall label',
  describe: 'The picture framed on a pale wall, and a quiet label beside it',
  suits: ['elegant', 'calm', 'sober'],
  colours: { ink: INK, paper: '#fbfaf7', accent: '#8a3b12', ground: [WALL, '#dfdcd3'] },
  onGround: { colour: INK, accent: '#8a3b12' },
  faces: {
    display: face('dm-serif', 400, { leading: 1.16 }),
    text: face('work-sans', 500, { leading: 1.38 }),
    small: face('work-sans', 400, { leading: 1.4 }),
  },
  zones,
  bare: { ...picture, area: alone },
  layouts: {
    title: layout({
      head: part('display', INK, { highlight: marked }),
      ...{ scale: scales(108, 58, 5), picture },
      reveal: reveal('faded', { frames: 14, lineDelay: 5, wholeAtOpening: true }),
    }),
    caption: layout({
      head: part('text', INK, { highlight: marked }),
      ...{ scale: scales(62, 62, 4), picture },
      reveal: reveal('faded', { frames: 10, lineDelay: 3 }),
    }),
    quote: layout({
      head: part('display', INK, { highlight: marked }),
      rest: part('small', GREY),
      ...{ scale: scales(84, 48, 7, 44), picture },
      reveal: reveal('faded', { frames: 14, lineDelay: 5 }),
    }),
    figure: layout({
      head: part('display', INK),
      rest: part('text', GREY),
      ...{ scale: scales(240, 90, 1, 58), picture },
      reveal: reveal('counted'),
    }),
    end: layout({
      head: part('display', INK, { highlight: marked }),
      rest: part('text', GREY),
      ...{ scale: scales(96, 54, 5, 48), picture },
      reveal: reveal('faded', { frames: 14, lineDelay: 5 }),
    }),
  },
  transition: { kind: 'dissolve', frames: 16 },
});
