import { face, layout, makeLook, part, reveal, SAFE, scales } from './make.ts';

const GLOW = '#ffd89a';
const WARM = '#ff9d3c';
const NIGHT = '#0e1020';

const lit = { glow: { colour: 'rgba(255, 140, 40, 0.9)', blur: 0.34, fall: 0 } };
const dim = { glow: { colour: 'rgba(255, 150, 60, 0.6)', blur: 0.22, fall: 0 } };
const shade = { colour: NIGHT, least: 0.62 };
const marked = { plate: null, colour: '#ffb45e' };

/** Letters that glow in the dark. */
export const lanternLight = makeLook({
  label: 'Lantern light',
  describe: 'Thin letters that glow, on a picture gone dark',
  suits: ['calm', 'elegant', 'nostalgic'],
  colours: { ink: NIGHT, paper: GLOW, accent: WARM, ground: ['#1b1d38', '#0b0c18'] },
  onGround: { colour: GLOW, accent: WARM },
  faces: {
    display: face('poiret', 400, { leading: 1.14, tracking: 0.02 }),
    text: face('nunito', 700, { leading: 1.32 }),
    small: face('nunito', 600, { leading: 1.36 }),
  },
  zones: SAFE,
  layouts: {
    title: layout({
      head: part('display', GLOW, { ...lit, highlight: marked }),
      ...{ scale: scales(156, 80, 5), align: 'centre' },
      reveal: reveal('faded', { frames: 26, lineDelay: 10, wholeAtOpening: true }),
      scrim: { colour: NIGHT, alpha: 0.66, frames: 14 },
    }),
    caption: layout({
      head: part('text', GLOW, { ...dim, highlight: marked, saidColour: '#ffffff' }),
      ...{ scale: scales(66, 66, 3), align: 'centre', shade },
      reveal: reveal('spoken', { frames: 8, wordFrames: 7, unsaidFrames: 10 }),
    }),
    quote: layout({
      head: part('text', GLOW, { ...dim, highlight: marked }),
      rest: part('small', WARM, dim),
      ...{ scale: scales(90, 48, 8, 46), align: 'centre' },
      reveal: reveal('faded', { frames: 20, lineDelay: 8 }),
      scrim: { colour: NIGHT, alpha: 0.7, frames: 14 },
    }),
    figure: layout({
      head: part('display', GLOW, lit),
      rest: part('text', GLOW, dim),
      ...{ scale: scales(300, 110, 1, 60), align: 'centre' },
      reveal: reveal('counted'),
      scrim: { colour: NIGHT, alpha: 0.66, frames: 12 },
    }),
    end: layout({
      head: part('display', GLOW, { ...lit, highlight: marked }),
      rest: part('text', WARM, dim),
      ...{ scale: scales(130, 66, 5, 56), align: 'centre' },
      reveal: reveal('faded', { frames: 24, lineDelay: 10 }),
      scrim: { colour: NIGHT, alpha: 0.86, frames: 14 },
    }),
  },
  transition: { kind: 'dip', frames: 20 },
});
