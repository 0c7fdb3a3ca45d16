import type { Ornament, OrnamentPlace } from '../types.ts';
import { face, inset, layout, makeLook, panel, part, reveal, scales } from './make.ts';

const CARD = '#fdfaf0';
const INK = '#24324f';
const LINE = '#b7cbe0';
const MARGIN = '#d9766f';

const { area, alone, zones } = inset({ side: 0.065, top: 0.085, share: 0.48 });
const picture = { area, border: { colour: '#ffffff', width: 20 }, shadow: 'rgba(40, 30, 10, 0.22)' };

/** Ruled lines and a margin. */
const ruled = ({ panel: p }: OrnamentPlace): Ornament[] => {
  const count = Math.floor((p.height - 40) / 54);
  const lines = Array.from(
    { length: count },
    (_, i): Ornament => ({
      ...{
        kind: 'shape',
        x: p.x + 10,
        y: p.y + 62 + i * 54,
        width: p.width - 20,
        height: 3,
        radius: 0,
        colour: LINE,
      },
    }),
  );
  return [
    ...lines.filter((l) => l.kind === 'shape' && l.y < p.y + p.height - 14),
    { kind: 'shape', x: p.x + 44, y: p.y, width: 3, height: p.height, radius: 0, colour: MARGIN },
  ];
};
const card = panel(CARD, {
  pad: { x: 74, y: 40 },
  radius: 12,
  span: 'zone',
  shadow: 'rgba(40, 30, 10, 0.2)',
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
