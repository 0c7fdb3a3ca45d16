import { face, layout, makeLook, part, reveal, SAFE, scales, strip } from './make.ts';

const RED = '#ae2b16';
const CREAM = '#fff1d6';
const INK = '#2a120c';

const block = (colour: string) =>
  strip(colour, { pad: 0.24, height: { line: 1, size: 0.02, px: 2 }, spill: 0.3 });
const marked = { plate: null, colour: '#ffd75e' };

/** Blocks of one colour with fat slab letters cut out of them. */
export const linoCut = makeLook({
  label: 'Lino cut',
  describe: 'Fat slab letters cut out of red blocks',
  suits: ['loud', 'warm', 'shop'],
  colours: { ink: INK, paper: CREAM, accent: RED, ground: [RED, '#932310'] },
  onGround: { colour: CREAM, accent: '#ffd75e' },
  faces: {
    display: face('alfa', 400, { leading: 1.18, baseline: 0.36 }),
    text: face('zilla', 700, { leading: 1.32 }),
    small: face('zilla', 700, { leading: 1.32 }),
  },
  zones: SAFE,
  layouts: {
    title: layout({
      head: part('display', CREAM, { ground: block(RED), highlight: marked }),
      ...{ scale: scales(146, 68, 5), align: 'centre' },
      reveal: reveal('slide', { frames: 10, wholeAtOpening: true }),
    }),
    caption: layout({
      head: part('text', INK, {
        ground: block(CREAM),
        highlight: { plate: null, colour: RED },
        saidColour: RED,
      }),
      ...{ scale: scales(70, 70, 3), align: 'centre' },
      reveal: reveal('spoken', { frames: 4, wordFrames: 3 }),
    }),
    quote: layout({
      head: part('text', CREAM, { ground: block(RED), highlight: marked }),
      rest: part('small', INK, { ground: block(CREAM) }),
      ...{ scale: scales(92, 50, 8, 46), align: 'centre' },
      reveal: reveal('slide'),
    }),
    figure: layout({
      head: part('display', CREAM, { ground: block(RED) }),
      rest: part('text', INK, { ground: block(CREAM) }),
      ...{ scale: scales(290, 100, 1, 64), align: 'centre' },
      reveal: reveal('counted'),
    }),
    end: layout({
      head: part('display', CREAM, { highlight: marked }),
      rest: part('text', CREAM),
      ...{ scale: scales(130, 60, 5, 60), align: 'centre' },
      reveal: reveal('slide'),
      scrim: { colour: '#932310', alpha: 0.95, frames: 7 },
    }),
  },
  transition: { kind: 'slant', frames: 13 },
});
