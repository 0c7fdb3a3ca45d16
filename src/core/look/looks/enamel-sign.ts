import type { Ornament, OrnamentPlace } from '../types.ts';
import { face, layout, makeLook, overWord, panel, part, reveal, SAFE, scales, within } from './make.ts';

const BLUE = '#173a6b';
const WHITE = '#f7f6ee';
const YELLOW = '#f4c430';

/** Screws in the corners of a plate. */
const screws = ({ panel: p }: OrnamentPlace): Ornament[] =>
  [p.x + 26, p.x + p.width - 26].flatMap((x) =>
    [p.y + 26, p.y + p.height - 26].map(
      (y): Ornament => ({
        ...{ kind: 'shape', x: x - 8, y: y - 8, width: 16, height: 16, radius: 8, colour: '#c8ccd2' },
      }),
    ),
  );

const plate = panel(BLUE, {
  ...{ pad: { x: 58, y: 46 }, radius: 26, shadow: 'rgba(8, 14, 30, 0.28)' },
  border: { colour: WHITE, width: 5, inset: 14 },
});
const small = panel(BLUE, {
  ...{ pad: { x: 40, y: 24 }, radius: 18, shadow: 'rgba(8, 14, 30, 0.28)' },
  border: { colour: WHITE, width: 4, inset: 9 },
});
const marked = { plate: overWord(YELLOW, 0.06), colour: BLUE };

/** Street plates of blue enamel with a white rim. */
export const enamelSign = makeLook({
  label: 'Enamel sign',
  describe: 'White capitals on blue enamel, screwed to the picture',
  suits: ['nostalgic', 'sober', 'shop'],
  colours: { ink: '#0d2342', paper: WHITE, accent: YELLOW, ground: ['#1d4a87', '#12305a'] },
  onGround: { colour: WHITE, accent: YELLOW },
  faces: {
    display: face('barlow', 700, { upper: true, tracking: 0.03, leading: 1.1 }),
    text: face('barlow', 700, { tracking: 0.01, leading: 1.22 }),
    small: face('barlow', 500, { leading: 1.22 }),
  },
  zones: within(SAFE, 10),
  layouts: {
    title: layout({
      head: part('display', WHITE, { highlight: marked }),
      ...{ scale: scales(150, 72, 5), align: 'centre', panel: plate, ornaments: screws },
      reveal: reveal('faded', { frames: 8, lineDelay: 2, wholeAtOpening: true }),
    }),
    caption: layout({
      head: part('text', WHITE, { highlight: marked, saidColour: YELLOW }),
      ...{ scale: scales(72, 72, 3), align: 'centre', panel: small },
      reveal: reveal('spoken', { frames: 4, wordFrames: 3 }),
    }),
    quote: layout({
      head: part('text', WHITE, { highlight: marked }),
      rest: part('display', YELLOW),
      ...{ scale: scales(92, 50, 8, 44), panel: plate, ornaments: screws },
      reveal: reveal('faded'),
    }),
    figure: layout({
      head: part('display', YELLOW),
      rest: part('text', WHITE),
      ...{ scale: scales(280, 96, 2, 62), align: 'centre', panel: plate, ornaments: screws },
      reveal: reveal('counted'),
    }),
    end: layout({
      head: part('display', WHITE, { highlight: marked }),
      rest: part('text', YELLOW),
      ...{
        scale: scales(124, 60, 5, 58),
        align: 'centre',
        panel: { ...plate, span: 'zone' },
        ornaments: screws,
      },
      reveal: reveal('faded'),
    }),
  },
  transition: { kind: 'push', frames: 14 },
});
