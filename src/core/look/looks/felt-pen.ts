import { face, layout, makeLook, panel, part, reveal, SAFE, scales } from './make.ts';

const PAPER = '#fffdf6';
const INK = '#1b1b1f';
const RED = '#c7301c';

const scrap = panel(PAPER, { pad: { x: 52, y: 40 }, edge: 'torn' });
const marked = {
  plate: { colour: '#ffc9bd', side: 0.08, above: 0.7, height: 0.9, radius: 0.3 },
  colour: INK,
};

/** A thick pen on scraps of torn paper. */
export const feltPen = makeLook({
  label: 'Felt pen',
  describe: 'A thick pen on torn scraps, a little askew',
  suits: ['playful', 'loud', 'warm'],
  colours: { ink: INK, paper: PAPER, accent: RED, ground: ['#e9dcc3', '#d8c7a6'] },
  onGround: { colour: INK, accent: '#941c0c' },
  faces: {
    display: face('marker', 400, { leading: 1.16, baseline: 0.33 }),
    text: face('marker', 400, { leading: 1.26, baseline: 0.33 }),
    small: face('kalam', 700, { leading: 1.4 }),
  },
  zones: SAFE,
  layouts: {
    title: layout({
      head: part('display', INK, { highlight: marked }),
      ...{ scale: scales(130, 62, 6), align: 'centre', panel: scrap, tilt: -0.035 },
      reveal: reveal('writing', { wholeAtOpening: true }),
      underline: {
        ...{ colour: RED, longest: 4, height: 0.1, gap: -0.02, frames: 10 },
        opening: { after: 4, frames: 14 },
      },
    }),
    caption: layout({
      head: part('text', INK, { highlight: marked, saidColour: RED }),
      ...{ scale: scales(66, 66, 3), align: 'centre', panel: scrap, tilt: 0.012 },
      reveal: reveal('spoken', { frames: 4 }),
    }),
    quote: layout({
      head: part('text', INK, { highlight: marked }),
      rest: part('small', RED),
      ...{ scale: scales(84, 46, 8, 48), panel: scrap, tilt: -0.015 },
      reveal: reveal('writing'),
    }),
    figure: layout({
      head: part('display', RED),
      rest: part('text', INK),
      ...{ scale: scales(240, 90, 1, 60), align: 'centre', panel: scrap, tilt: -0.03 },
      reveal: reveal('counted'),
    }),
    end: layout({
      head: part('display', INK, { highlight: marked }),
      rest: part('small', RED),
      ...{ scale: scales(112, 56, 5, 58), align: 'centre', panel: scrap, tilt: -0.02 },
      reveal: reveal('writing'),
    }),
  },
  transition: { kind: 'torn', frames: 16 },
});
