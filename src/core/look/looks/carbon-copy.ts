import { face, layout, makeLook, overWord, part, reveal, SAFE_LEFT, scales, strip } from './make.ts';

const SHEET = '#f2efe6';
const INK = '#26272b';
const RIBBON = '#a3232b';

const typed = strip(SHEET, { pad: 0.22, height: { line: 1, size: 0, px: 2 }, spill: 0.2 });
const marked = { plate: null, colour: RIBBON };

/** Typed lines, cut out of a sheet. */
export const carbonCopy = makeLook({
  label: 'Carbon copy',
  describe: 'Typed letter by letter on strips cut from a sheet, with a red ribbon',
  suits: ['literary', 'nostalgic', 'news'],
  colours: { ink: INK, paper: SHEET, accent: RIBBON, ground: ['#e6e1d3', '#cfc8b5'] },
  onGround: { colour: INK, accent: '#861620' },
  faces: {
    display: face('elite', 400, { leading: 1.26, baseline: 0.31 }),
    text: face('elite', 400, { leading: 1.36, baseline: 0.31 }),
    small: face('elite', 400, { leading: 1.36, baseline: 0.31 }),
  },
  zones: SAFE_LEFT,
  layouts: {
    title: layout({
      head: part('display', INK, { ground: typed, highlight: marked }),
      scale: scales(112, 58, 7),
      reveal: reveal('letters', { wholeAtOpening: true }),
    }),
    caption: layout({
      head: part('text', INK, { ground: typed, highlight: marked, said: overWord('#e3c6a8', 0) }),
      scale: scales(60, 60, 3),
      reveal: reveal('letters'),
    }),
    quote: layout({
      head: part('display', INK, { ground: typed, highlight: marked }),
      rest: part('small', RIBBON, { ground: typed }),
      scale: scales(80, 46, 8, 46),
      reveal: reveal('letters'),
    }),
    figure: layout({
      head: part('display', RIBBON, { ground: typed }),
      rest: part('text', INK, { ground: typed }),
      scale: scales(220, 84, 2, 54),
      reveal: reveal('counted'),
    }),
    end: layout({
      head: part('display', INK, { highlight: marked }),
      rest: part('small', RIBBON),
      scale: scales(100, 54, 6, 52),
      reveal: reveal('letters'),
      scrim: { colour: SHEET, alpha: 0.93, frames: 8 },
    }),
  },
  transition: { kind: 'flash', frames: 12 },
});
