import type { Frames } from '../time.ts';
import type { Typeface } from './fonts.ts';
import type { Box, Format, Size } from './formats.ts';
import type { WordLayout } from './layouts.ts';
import type { RevealKind } from './reveals.ts';
import type { TransitionKind } from './transitions.ts';
import type { Measure, SetText } from './typeset/arrange.ts';

/** Where words may stand, stage pixels: left edge and width, and the lines that a block hangs from or stands on. */
export interface Zone {
  x: number;
  width: number;
  top: number;
  bottom: number;
}

/** Font sizes of a layout, stage pixels, and how many lines its large part may have. */
export interface Scale {
  largest: number;
  smallest: number;
  lines: number;
  /** Size of the small part; 0 where there is none. */
  rest: number;
}

/** What words stand on. Lengths are shares of the font size where nothing else is said. */
export interface GroundStyle {
  colour: string;
  /** Round its lower edge; null for none. */
  shadow: string | null;
  /** Left and right of the words. */
  pad: number;
  radius: number;
  /** Height: a share of the line's height and of the font size, and pixels. */
  height: { line: number; size: number; px: number };
  /** How much lower than the middle of the line its middle lies: a share of the font size, and pixels. */
  drop: { size: number; px: number };
  /** Whether its top lies on a whole pixel. */
  snap: boolean;
  /** So far above and below it words may still be seen while they come, in font sizes. */
  spill: number;
}

/** A mark behind a word, in shares of the font size, from the word's own box and baseline. */
export interface PlateStyle {
  colour: string;
  side: number;
  above: number;
  height: number;
  radius: number;
}

/** How one part of a layout looks: its large part, or its small one. */
export interface PartStyle {
  face: keyof Look['faces'];
  colour: string;
  ground: GroundStyle | null;
  /** Behind words that the writer highlights, and the colour of these words; null leaves them as they are. */
  highlight: { plate: PlateStyle; colour: string } | null;
  /** Behind the word that is being said; null for none. */
  said: PlateStyle | null;
}

/** How words come. Which numbers count is said by the reveal. */
export interface RevealStyle {
  kind: RevealKind;
  /** Until a line or a ground is there, from where it begins. */
  frames: Frames;
  /** Between the beginnings of lines. */
  lineDelay: Frames;
  /** How far the first line is on when its page begins. */
  lead: Frames;
  /** Until a word is there, and until the mark of a word that was said is gone. */
  wordFrames: Frames;
  unsaidFrames: Frames;
  /** The first page of the piece stands whole in its first frame, so that the cover shows it. */
  wholeAtOpening: boolean;
}

/** How a layout looks in a look. */
export interface LayoutStyle {
  head: PartStyle;
  rest: PartStyle | null;
  scale: Record<Format, Scale>;
  reveal: RevealStyle;
  /** Turned by this angle about its middle, radians. */
  tilt: number;
  /** At the opening of the piece the words shrink by this share within so many frames; null: they stand. */
  settle: { by: number; frames: Frames } | null;
  /** Under the last line; lengths in font sizes. */
  underline: {
    colour: string;
    longest: number;
    height: number;
    gap: number;
    frames: Frames;
    /** At the opening of the piece. */
    opening: { after: Frames; frames: Frames };
  } | null;
  /** Over the whole picture, under the words. */
  scrim: { colour: string; alpha: number; frames: Frames } | null;
}

/** Type, colour, reveal and transition as one set. */
export interface Look {
  label: string;
  describe: string;
  colours: {
    ink: string;
    /** Ground of a scene without a picture, from top to bottom. */
    ground: readonly [string, string];
  };
  faces: { display: Typeface; text: Typeface };
  /** Height of a line in font sizes. */
  leading: { display: number; text: number };
  /** The baseline lies this share of the font size under the middle of the line. */
  baseline: number;
  /** Between the large part and the small one, in sizes of the large. */
  partGap: number;
  zones: Record<Format, Zone>;
  layouts: Record<WordLayout, LayoutStyle>;
  /** Words go within so many frames at the end of their page; before another page only as far as the share. */
  leave: { frames: Frames; share: number };
  transition: { kind: TransitionKind; frames: Frames };
  /** Between pictures of one scene. */
  turn: { kind: TransitionKind; frames: Frames };
}

/** Where a block of words stands. */
export interface Standing {
  y: number;
  /** Pages of different height share their lower edge instead of the upper one. */
  standsOn: boolean;
}

/** What a layout is: how it arranges words, where it puts them, and what the rest of the application needs to know of it. */
export interface LayoutRule {
  label: string;
  /** null: words are not shown. */
  words: {
    arrange(
      text: string,
      scale: Scale,
      faces: { head: Typeface; rest: Typeface },
      width: number,
      measure: Measure,
    ): SetText;
    /** subject: its box on the stage, in fractions of it. */
    stand(zone: Zone, height: number, stage: Size, subject: Box | null): Standing;
    /** Only shown while captions are switched on. */
    caption: boolean;
  } | null;
  /** The scene holds so long after its voice. */
  hold: 'short' | 'long';
  /** A scene of this layout without a picture is unfinished. */
  wantsPicture: boolean;
  /** The words are part of the picture, which should leave room for them. */
  standsInPicture: boolean;
}
