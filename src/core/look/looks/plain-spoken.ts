import { face, layout, makeLook, part, reveal, SAFE_LEFT, scales } from './make.ts';

const WHITE = '#ffffff';
const SKY = '#9fd3ff';
const DEEP = '#071018';

const shade = { colour: DEEP, least: 0.4 };
const soft = { glow: { colour: 'rgba(0, 0, 0, 0.5)', blur: 0.12, fall: 0.02 } };
const marked = { plate: null, colour: SKY };

/** Plain letters on a soft shade: nothing between the writer and the picture. */
export const plainSpoken = makeLook({
  label: 'Plain spoken',
  describe: 'Clear letters on a soft shade of the picture; nothing else',
  suits: ['sober', 'news', 'calm', 'technical'],
  colours: { ink: DEEP, paper: WHITE, accent: SKY, ground: ['#22303c', '#121b23'] },
  onGround: { colour: WHITE, accent: SKY },
  faces: {
    display: face('atkinson', 700, { leading: 1.14 }),
    text: face('atkinson', 700, { leading: 1.3 }),
    small: face('atkinson', 400, { leading: 1.34 }),
  },
  zones: SAFE_LEFT,
  layouts: {
    title: layout({
      head: part('display', WHITE, { ...soft, highlight: marked }),
      ...{ scale: scales(126, 62, 6), shade },
      reveal: reveal('rise', { frames: 12, wholeAtOpening: true }),
    }),
    caption: layout({
      head: part('text', WHITE, { ...soft, highlight: marked, saidColour: SKY }),
      ...{ scale: scales(66, 66, 3), shade },
      reveal: reveal('spoken', { frames: 5 }),
    }),
    quote: layout({
      head: part('text', WHITE, { ...soft, highlight: marked }),
      rest: part('small', SKY, soft),
      ...{ scale: scales(86, 48, 8, 44), shade },
      reveal: reveal('rise'),
    }),
    figure: layout({
      head: part('display', SKY, soft),
      rest: part('text', WHITE, soft),
      ...{ scale: scales(240, 90, 2, 58), shade },
      reveal: reveal('counted'),
    }),
    end: layout({
      head: part('display', WHITE, { highlight: marked }),
      rest: part('text', SKY),
      ...{ scale: scales(108, 56, 5, 54) },
      reveal: reveal('rise'),
      scrim: { colour: DEEP, alpha: 0.84, frames: 10 },
    }),
  },
  transition: { kind: 'blur', frames: 14 },
});
