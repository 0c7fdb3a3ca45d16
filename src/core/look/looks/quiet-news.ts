import type { Ornament, OrnamentPlace } from '../types.ts';
import { face, layout, makeLook, panel, part, reveal, SAFE_LEFT, scales, underWord } from './make.ts';

const WHITE = '#ffffff';
const INK = '#15191e';
const RULE = '#a23c23';

/** A rule along the left edge of the block. */
const rule = ({ panel: p }: OrnamentPlace): Ornament[] => [
  { kind: 'shape', x: p.x, y: p.y, width: 12, height: p.height, radius: 0, colour: RULE },
];
const sheet = panel(WHITE, { pad: { x: 44, y: 32 } });
const marked = { plate: underWord('#f2cfc5'), colour: INK };

/** A white sheet with a rule on its left, low in the picture; slab serif heads. */
export const quietNews = makeLook({
  label: 'Quiet report',
  describe: 'Slab serif on white sheets with one coloured rule; calm, factual',
  suits: ['news', 'sober', 'technical'],
  colours: { ink: INK, paper: WHITE, accent: RULE, ground: ['#f3f1ec', '#e4e0d8'] },
  onGround: { colour: INK, accent: '#8f331d' },
  faces: {
    display: face('zilla', 700, { leading: 1.14 }),
    text: face('work-sans', 600, { leading: 1.32 }),
    small: face('work-sans', 500, { leading: 1.36 }),
  },
  zones: SAFE_LEFT,
  layouts: {
    title: layout({
      head: part('display', INK, { highlight: marked }),
      ...{ scale: scales(122, 62, 6), panel: sheet, ornaments: rule },
      stand: null,
      reveal: reveal('rise', { frames: 12, wholeAtOpening: true }),
    }),
    caption: layout({
      head: part('text', INK, { highlight: marked, saidColour: RULE }),
      ...{ scale: scales(60, 60, 3), panel: sheet, ornaments: rule },
      reveal: reveal('faded', { frames: 7, lineDelay: 2 }),
    }),
    quote: layout({
      head: part('display', INK, { highlight: marked }),
      rest: part('text', RULE),
      ...{ scale: scales(86, 48, 8, 46), panel: sheet, ornaments: rule },
      reveal: reveal('rise'),
    }),
    figure: layout({
      head: part('display', RULE),
      rest: part('text', INK),
      ...{ scale: scales(230, 88, 2, 56), panel: sheet, ornaments: rule },
      reveal: reveal('counted'),
    }),
    end: layout({
      head: part('display', INK, { highlight: marked }),
      rest: part('text', RULE),
      ...{ scale: scales(104, 56, 5, 52), panel: { ...sheet, span: 'zone' }, ornaments: rule },
      reveal: reveal('rise'),
    }),
  },
  transition: { kind: 'cut', frames: 0 },
});
