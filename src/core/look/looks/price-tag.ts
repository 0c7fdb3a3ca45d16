import type { Ornament, OrnamentPlace } from '../types.ts';
import { face, layout, makeLook, overWord, panel, part, reveal, SAFE, scales, within } from './make.ts';

const CORAL = '#bd2440';
const WHITE = '#ffffff';
const INK = '#2b0f16';
const LEMON = '#ffe45c';

/** The eyelet of a tag, and the thread through it. */
const eyelet = ({ panel: p }: OrnamentPlace): Ornament[] => {
  const [x, y] = [p.x + p.width / 2, p.y + 34];
  return [
    {
      ...{ kind: 'path', path: `M ${x} ${y} Q ${x - 40} ${y - 90} ${x + 34} ${y - 150}`, fill: null },
      ...{ stroke: { colour: WHITE, width: 5 }, box: { x: x - 60, y: y - 156, width: 110, height: 160 } },
    },
    { kind: 'shape', x: x - 20, y: y - 20, width: 40, height: 40, radius: 20, colour: WHITE },
    { kind: 'shape', x: x - 11, y: y - 11, width: 22, height: 22, radius: 11, colour: INK },
  ];
};
const tag = panel(CORAL, { pad: { x: 60, y: 72 }, radius: 44, shadow: 'rgba(40, 5, 15, 0.25)' });
const bar = panel(CORAL, { pad: { x: 40, y: 22 }, radius: 34, shadow: 'rgba(40, 5, 15, 0.22)' });
const marked = { plate: overWord(LEMON, 0.2), colour: INK };

/** Round tags on a thread. */
export const priceTag = makeLook({
  label: 'Price tag',
  describe: 'Round letters on coral tags that hang in the picture',
  suits: ['shop', 'playful', 'warm'],
  colours: { ink: INK, paper: WHITE, accent: LEMON, ground: ['#ffe9e2', '#ffd3c8'] },
  onGround: { colour: INK, accent: '#b01c38' },
  faces: {
    display: face('nunito', 900, { leading: 1.12 }),
    text: face('nunito', 800, { leading: 1.28 }),
    small: face('nunito', 700, { leading: 1.3 }),
  },
  zones: within(SAFE, 20),
  layouts: {
    title: layout({
      head: part('display', WHITE, { highlight: marked }),
      ...{ scale: scales(132, 64, 5), align: 'centre', panel: tag, ornaments: eyelet },
      reveal: reveal('popped', { wholeAtOpening: true }),
    }),
    caption: layout({
      head: part('text', WHITE, { highlight: marked, saidColour: LEMON }),
      ...{ scale: scales(72, 72, 3), align: 'centre', panel: bar },
      reveal: reveal('popped', { wordFrames: 3 }),
    }),
    quote: layout({
      head: part('text', WHITE, { highlight: marked }),
      rest: part('small', LEMON),
      ...{ scale: scales(88, 48, 8, 46), align: 'centre', panel: { ...bar, pad: { x: 52, y: 44 } } },
      reveal: reveal('rise'),
    }),
    figure: layout({
      head: part('display', LEMON),
      rest: part('text', WHITE),
      ...{ scale: scales(270, 96, 1, 62), align: 'centre', panel: tag, ornaments: eyelet },
      reveal: reveal('counted'),
    }),
    end: layout({
      head: part('display', WHITE, { highlight: marked }),
      rest: part('text', LEMON),
      ...{ scale: scales(116, 58, 5, 58), align: 'centre', panel: tag, ornaments: eyelet },
      reveal: reveal('popped'),
    }),
  },
  transition: { kind: 'zoom', frames: 14 },
});
