import type { Ornament, OrnamentPlace } from '../types.ts';
import { face, inset, layout, makeLook, panel, part, reveal, scales } from './make.ts';

const CARD = '#fdfaf0';
const INK = '#24324f';
const LINE = '#b7cbe0';
const MARGIN = '#d9766f';

const { area, alone, zones } = inset({ side: 0.065, top: 0.085, share: 0.48 });
const picture = { area, border: { colour: '#ffffff', width: 20 }, shadow: 'rgba(40, 30, 10, 0.22)' };

/** A rule lies so far under the baseline of what is written on it, in pixels; one of a line alone has others at most so far off. */
const UNDER = 9;
const APART = 104;
const EDGE = { top: 34, bottom: 16 } as const;

/** Rules under the lines that are written, and as far apart above and below them; and a margin. */
const ruled = ({ panel: p, baselines, size }: OrnamentPlace): Ornament[] => {
  const under = baselines.map((y) => y + UNDER);
  const gaps = under.slice(1).map((y, i) => y - (under[i] as number));
  const step = Math.max(24, gaps.length ? Math.min(...gaps) : Math.min(APART, size * 1.24));
  const [first = p.y + 62, last = first] = [under[0], under.at(-1)];
  const rows = (from: number, by: number, count: number) =>
    Array.from({ length: Math.max(0, Math.floor(count)) }, (_, i) => from + by * (i + 1));
  const all = [
    ...rows(first, -step, (first - p.y - EDGE.top) / step),
    ...under,
    // Between the foot of a large figure and the words under it.
    ...gaps.flatMap((gap, i) =>
      rows(under[i] as number, gap / Math.round(gap / step), Math.round(gap / step) - 1),
    ),
    ...rows(last, step, (p.y + p.height - EDGE.bottom - last) / step),
  ];
  return [
    ...all
      .map(Math.round)
      .sort((m, n) => m - n)
      .map(
        (y): Ornament => ({
          kind: 'shape',
          x: p.x + 10,
          y,
          width: p.width - 20,
          height: 3,
          radius: 0,
          colour: LINE,
        }),
      ),
    { kind: 'shape', x: p.x + 44, y: p.y, width: 3, height: p.height, radius: 0, colour: MARGIN },
  ];
};
const card = panel(CARD, {
  pad: { x: 74, y: 40 },
  radius: 12,
  span: 'zone',
  shadow: 'rgba(40, 30, 10, 0.2)',
  lined: true,
});
const marked = {
  plate: { colour: '#ffe98a', side: 0.06, above: 0.62, height: 0.8, radius: 0.2 },
  colour: INK,
};

/** A ruled card with a photograph above it, in a quick hand. */
export const indexCard = makeLook({
  label: 'Index card',
  describe: 'Handwriting on a ruled card, below a photograph',
  suits: ['warm', 'playful', 'literary'],
  colours: { ink: INK, paper: CARD, accent: MARGIN, ground: ['#d6c5a3', '#c0ab85'] },
  onGround: { colour: '#2a2118', accent: '#6b0f08' },
  faces: {
    display: face('handlee', 400, { leading: 1.14 }),
    text: face('handlee', 400, { leading: 1.24 }),
    small: face('kalam', 400, { leading: 1.4 }),
  },
  zones,
  bare: { ...picture, area: alone },
  layouts: {
    title: layout({
      head: part('display', INK, { highlight: marked }),
      ...{ scale: scales(136, 66, 5), panel: card, ornaments: ruled, picture },
      reveal: reveal('writing', { wholeAtOpening: true }),
    }),
    caption: layout({
      head: part('text', INK, { highlight: marked, saidColour: '#a8281f' }),
      ...{ scale: scales(74, 74, 3), panel: card, ornaments: ruled, picture },
      reveal: reveal('spoken', { frames: 5 }),
    }),
    quote: layout({
      head: part('text', INK, { highlight: marked }),
      rest: part('small', '#8f1d16'),
      ...{ scale: scales(92, 50, 7, 46), panel: card, ornaments: ruled, picture },
      reveal: reveal('writing'),
    }),
    figure: layout({
      head: part('display', '#a8281f'),
      rest: part('text', INK),
      ...{ scale: scales(240, 90, 1, 62), panel: card, ornaments: ruled, picture },
      reveal: reveal('counted'),
    }),
    end: layout({
      head: part('display', INK, { highlight: marked }),
      rest: part('small', '#8f1d16'),
      ...{ scale: scales(112, 58, 5, 54), panel: card, ornaments: ruled, picture },
      reveal: reveal('writing'),
    }),
  },
  transition: { kind: 'page', frames: 20 },
});
