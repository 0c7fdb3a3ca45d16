import type { GroundStyle, LayoutStyle, Look, PartStyle, PlateStyle, RevealStyle } from '../types.ts';

const PAPER = '#fffaf0';
const INK = '#1d1b22';
const HIGHLIGHTER = '#ffd23f';

/** The highlighter over a whole word, and as a stroke along its foot. */
const OVER_WORD: PlateStyle = { colour: HIGHLIGHTER, side: 0.1, above: 0.78, height: 1.02, radius: 0.12 };
const UNDER_WORD: PlateStyle = { colour: HIGHLIGHTER, side: 0.06, above: 0.26, height: 0.42, radius: 0 };

const TAPE: Pick<GroundStyle, 'shadow'> = { shadow: 'rgba(20, 14, 30, 0.16)' };

const tape = (colour: string, height: number): GroundStyle => ({
  ...TAPE,
  colour,
  pad: 0.28,
  radius: 0.1,
  height: { line: 0, size: height, px: 0 },
  drop: { size: 0.02, px: 0 },
  snap: true,
  spill: 1,
});

/** The large part and the small one of a quotation, a figure or an end card. */
const large = (ground: string | null, colour: string, highlight: PartStyle['highlight']): PartStyle => ({
  face: 'display',
  colour,
  ground: ground === null ? null : tape(ground, 1.2),
  highlight,
  said: null,
});
const small = (ground: string | null, colour: string, highlight: PartStyle['highlight']): PartStyle => ({
  face: 'text',
  colour,
  ground: ground === null ? null : tape(ground, 1.36),
  highlight,
  said: null,
});

const MARKED: PartStyle['highlight'] = { plate: OVER_WORD, colour: INK };

const reveal = (kind: RevealStyle['kind'], more: Partial<RevealStyle>): RevealStyle => ({
  kind,
  frames: 11,
  lineDelay: 3,
  lead: 1,
  wordFrames: 3,
  unsaidFrames: 4,
  wholeAtOpening: false,
  ...more,
});

/** What the layouts of two parts have in common. */
const twoParts: Pick<LayoutStyle, 'reveal' | 'tilt' | 'settle' | 'underline' | 'scrim'> = {
  reveal: reveal('laid', {}),
  tilt: 0,
  settle: null,
  underline: null,
  scrim: null,
};

/** Paper tape under ink, and a highlighter. */
export const paperTape: Look = {
  label: 'Paper tape',
  describe: 'Strips of paper laid with the voice, and a highlighter',
  colours: { ink: INK, ground: ['#34405a', '#1d2233'] },
  faces: {
    display: {
      families: ['Nab Display', 'Nab Display Ext', 'Nab Text', 'Nab Text Ext', 'Nab Emoji'],
      weight: 800,
    },
    text: { families: ['Nab Text', 'Nab Text Ext', 'Nab Emoji'], weight: 700 },
  },
  leading: { display: 1.24, text: 1.42 },
  baseline: 0.34,
  partGap: 0.3,
  // Inside the area that the players of short videos leave free of their own buttons.
  zones: {
    '9:16': { x: 84, width: 880, top: 300, bottom: 1490 },
    '1:1': { x: 72, width: 936, top: 96, bottom: 984 },
    '16:9': { x: 130, width: 1290, top: 110, bottom: 965 },
  },
  layouts: {
    // Dark strips, a little askew; the last one is underlined with the highlighter.
    title: {
      head: {
        face: 'display',
        colour: PAPER,
        ground: {
          ...TAPE,
          colour: INK,
          pad: 0.3,
          radius: 0.07,
          height: { line: 1, size: 0, px: 2 },
          drop: { size: 0, px: 1 },
          snap: false,
          spill: 1,
        },
        highlight: MARKED,
        said: null,
      },
      rest: null,
      scale: {
        '9:16': { largest: 148, smallest: 72, lines: 6, rest: 0 },
        '1:1': { largest: 124, smallest: 64, lines: 5, rest: 0 },
        '16:9': { largest: 136, smallest: 68, lines: 4, rest: 0 },
      },
      reveal: reveal('laid', { lineDelay: 4, lead: 0, wholeAtOpening: true }),
      tilt: -0.02,
      settle: { by: 0.03, frames: 16 },
      underline: {
        colour: HIGHLIGHTER,
        longest: 3.2,
        height: 0.11,
        gap: 0.1,
        frames: 12,
        opening: { after: 2, frames: 16 },
      },
      scrim: null,
    },
    // Paper that is laid as far as the voice has come.
    caption: {
      head: {
        face: 'text',
        colour: INK,
        ground: {
          ...TAPE,
          colour: PAPER,
          pad: 0.28,
          radius: 0.13,
          height: { line: 1, size: -0.1, px: 0 },
          drop: { size: 0, px: 0 },
          snap: true,
          spill: 0,
        },
        highlight: { plate: UNDER_WORD, colour: INK },
        said: OVER_WORD,
      },
      rest: null,
      scale: {
        '9:16': { largest: 74, smallest: 74, lines: 3, rest: 0 },
        '1:1': { largest: 58, smallest: 58, lines: 3, rest: 0 },
        '16:9': { largest: 60, smallest: 60, lines: 2, rest: 0 },
      },
      reveal: reveal('spoken', { frames: 5 }),
      tilt: 0,
      settle: null,
      underline: null,
      scrim: null,
    },
    quote: {
      ...twoParts,
      head: large(PAPER, INK, MARKED),
      rest: small(INK, PAPER, MARKED),
      scale: {
        '9:16': { largest: 100, smallest: 54, lines: 8, rest: 46 },
        '1:1': { largest: 84, smallest: 48, lines: 6, rest: 40 },
        '16:9': { largest: 88, smallest: 50, lines: 5, rest: 42 },
      },
    },
    figure: {
      ...twoParts,
      head: large(HIGHLIGHTER, INK, null),
      rest: small(INK, PAPER, null),
      scale: {
        '9:16': { largest: 264, smallest: 92, lines: 2, rest: 62 },
        '1:1': { largest: 220, smallest: 84, lines: 2, rest: 54 },
        '16:9': { largest: 250, smallest: 88, lines: 2, rest: 56 },
      },
    },
    // On a dark ground that covers the picture.
    end: {
      ...twoParts,
      head: large(null, PAPER, MARKED),
      rest: small(null, HIGHLIGHTER, MARKED),
      scale: {
        '9:16': { largest: 124, smallest: 60, lines: 6, rest: 58 },
        '1:1': { largest: 104, smallest: 54, lines: 5, rest: 50 },
        '16:9': { largest: 112, smallest: 56, lines: 4, rest: 52 },
      },
      reveal: reveal('faded', {}),
      scrim: { colour: INK, alpha: 0.82, frames: 11 },
    },
  },
  leave: { frames: 4, share: 0.85 },
  transition: { kind: 'dissolve', frames: 10 },
  turn: { kind: 'dissolve', frames: 8 },
};
