import type { GroundStyle, PartStyle } from '../types.ts';
import { face, layout, makeLook, overWord, part, reveal, SAFE_LEFT, scales, strip } from './make.ts';

const PAPER = '#fffaf0';
const INK = '#1d1b22';
const HIGHLIGHTER = '#ffd23f';
const SHADOW = 'rgba(20, 14, 30, 0.16)';

const tape = (colour: string, height: number): GroundStyle =>
  strip(colour, {
    shadow: SHADOW,
    radius: 0.1,
    height: { line: 0, size: height, px: 0 },
    drop: { size: 0.02, px: 0 },
  });

const MARKED: PartStyle['highlight'] = { plate: overWord(HIGHLIGHTER), colour: INK };
const UNDER = { colour: HIGHLIGHTER, side: 0.06, above: 0.26, height: 0.42, radius: 0 };

/** The large part and the small one of a quotation, a figure or an end card. */
const large = (ground: string | null, colour: string, highlight: PartStyle['highlight']): PartStyle =>
  part('display', colour, { ground: ground === null ? null : tape(ground, 1.2), highlight });
const small = (ground: string | null, colour: string, highlight: PartStyle['highlight']): PartStyle =>
  part('text', colour, { ground: ground === null ? null : tape(ground, 1.36), highlight });

/** Paper tape under ink, and a highlighter. */
export const paperTape = makeLook({
  label: 'Paper tape',
  describe: 'Strips of paper laid with the voice, and a highlighter',
  suits: ['playful', 'warm', 'shop'],
  colours: { ink: INK, paper: PAPER, accent: HIGHLIGHTER, ground: ['#34405a', '#1d2233'] },
  onGround: { colour: PAPER, accent: HIGHLIGHTER },
  faces: {
    display: face('bricolage', 800, { baseline: 0.34 }),
    text: face('figtree', 700, { leading: 1.42, baseline: 0.34 }),
    small: face('figtree', 700, { leading: 1.42, baseline: 0.34 }),
  },
  zones: SAFE_LEFT,
  layouts: {
    // Dark strips, a little askew; the last one is underlined with the highlighter.
    title: layout({
      head: part('display', PAPER, {
        ground: strip(INK, {
          ...{ shadow: SHADOW, pad: 0.3, radius: 0.07, snap: false },
          drop: { size: 0, px: 1 },
        }),
        highlight: MARKED,
      }),
      scale: scales(148, 72, 6),
      reveal: reveal('laid', { lineDelay: 4, lead: 0, wordFrames: 3, wholeAtOpening: true }),
      tilt: -0.02,
      settle: { by: 0.03, frames: 16 },
      underline: {
        ...{ colour: HIGHLIGHTER, longest: 3.2, height: 0.11, gap: 0.1, frames: 12 },
        opening: { after: 2, frames: 16 },
      },
    }),
    // Paper that is laid as far as the voice has come.
    caption: layout({
      head: part('text', INK, {
        ground: strip(PAPER, {
          ...{ shadow: SHADOW, radius: 0.13, spill: 0 },
          height: { line: 1, size: -0.1, px: 0 },
        }),
        highlight: { plate: UNDER, colour: INK },
        said: overWord(HIGHLIGHTER),
      }),
      scale: scales(74, 74, 3),
      reveal: reveal('spoken', { frames: 5, wordFrames: 3 }),
    }),
    quote: layout({
      head: large(PAPER, INK, MARKED),
      rest: small(INK, PAPER, MARKED),
      scale: scales(100, 54, 8, 46),
      reveal: reveal('laid'),
    }),
    figure: layout({
      head: large(HIGHLIGHTER, INK, null),
      rest: small(INK, PAPER, null),
      scale: scales(264, 92, 2, 62),
      reveal: reveal('laid'),
    }),
    // On a dark ground that covers the picture.
    end: layout({
      head: large(null, PAPER, MARKED),
      rest: small(null, HIGHLIGHTER, MARKED),
      scale: scales(124, 60, 6, 58),
      reveal: reveal('faded'),
      scrim: { colour: INK, alpha: 0.82, frames: 11 },
    }),
  },
  transition: { kind: 'dissolve', frames: 10 },
});
