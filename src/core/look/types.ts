import type { Frames } from '../time.ts';
import type { FamilyName } from './families.ts';
import type { Font } from './fonts.ts';
import type { ByFormat, Format, Size } from './formats.ts';
import type { WordLayout } from './layouts.ts';
import type { MoodOfLook } from './moods.ts';
import type { RevealKind, RevealOrder } from './reveals.ts';
import type { TransitionKind } from './transitions.ts';
import type { Arrange } from './typeset/arrange.ts';

/** A rectangle, stage pixels. */
export interface Rect extends Size {
  x: number;
  y: number;
}

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

/** A typeface of a look, and how its lines are set. */
export interface Face {
  family: FamilyName;
  weight: number;
  italic: boolean;
  /** Set in capitals. */
  upper: boolean;
  /** Between letters, in font sizes. */
  tracking: number;
  /** Height of a line in font sizes. */
  leading: number;
  /** The baseline lies this share of the font size under the middle of the line. */
  baseline: number;
}

/** What a line stands on. Lengths are shares of the font size where nothing else is said. */
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
  /** Drawn round the letters; width in font sizes. */
  outline: { colour: string; width: number } | null;
  /** A soft shadow of the letters; blur and fall in font sizes. */
  glow: { colour: string; blur: number; fall: number } | null;
  /** Words that the writer highlights; null leaves them as they are. */
  highlight: HighlightStyle | null;
  /** The word that is being said: what is behind it, and its colour; null for nothing, or the same. */
  said: PlateStyle | null;
  saidColour: string | null;
}

/** What is behind words that stand out, their colour, and by how much their strokes are thicker on each side, font sizes. */
interface HighlightStyle {
  plate: PlateStyle | null;
  colour: string;
  thicker?: number;
}

/** How words come. Which numbers count is said by the reveal. */
export interface RevealStyle {
  kind: RevealKind;
  /** Before the first word comes. */
  delay: Frames;
  /** Until a line or a ground is there, from where it begins. */
  frames: Frames;
  /** Between the beginnings of lines, and which of them is the first. */
  lineDelay: Frames;
  order: RevealOrder;
  /** By how much later the small part comes than it would with the large one. */
  restDelay: Frames;
  /** The words are gone by so much before their scene is. */
  gone: Frames;
  /** How far the first line is on when its page begins. */
  lead: Frames;
  /** Until a word is there, and until the mark of a word that was said is gone. */
  wordFrames: Frames;
  unsaidFrames: Frames;
  /** Opacity of words that the voice has not come to yet; of others it says nothing. */
  ahead: number;
  /** The first page of the piece stands whole in its first frame, so that the cover shows it. */
  wholeAtOpening: boolean;
}

/** Where the lines of a block begin. */
export type Align = 'left' | 'centre' | 'right';
export const ALIGNS: readonly Align[] = ['left', 'centre', 'right'];

/** How the edge of a panel or of a picture runs. */
export type EdgeKind = 'plain' | 'zigzag' | 'torn' | 'notched' | 'scalloped';

/** One ground for all lines of a block, stage pixels. */
export interface PanelStyle {
  colour: string;
  pad: { x: number; y: number };
  /** As wide as the words, as their zone, or as the stage. */
  span: 'words' | 'zone' | 'stage';
  radius: number;
  border: { colour: string; width: number; inset: number } | null;
  shadow: string | null;
  edge: EdgeKind;
  /** Ruled: a page of fewer lines stands on lines of the tallest one. */
  lined: boolean;
}

/** What a look draws besides words: below them, above them, or over the picture. Stage pixels. */
export type Ornament =
  | ({ kind: 'shape'; radius: number; colour: string } & Rect)
  | {
      kind: 'path';
      /** M, L, Q, C and Z of SVG paths, with absolute coordinates and spaces between. */
      path: string;
      /** Bounds of what is drawn, its line included. */
      box: Rect;
      fill: string | null;
      stroke: { colour: string; width: number } | null;
    }
  | { kind: 'text'; text: string; font: Font; colour: string; x: number; y: number; width: number };

/** What is known when the ornaments of a block are placed. */
export interface OrnamentPlace {
  /** All lines of the tallest page, and its panel where it has one. */
  words: Rect;
  panel: Rect;
  zone: Zone;
  /** Of the lines of the tallest page, from top to bottom. */
  baselines: readonly number[];
  stage: Size;
  format: Format;
  /** The picture's own part of the stage. */
  picture: Rect;
  align: Align;
  /** Of the large part. */
  size: number;
  colours: Look['colours'];
  /** Width of a text, stage pixels. */
  measure(text: string, font: Font): number;
}

/** Where pictures stand on the stage. */
export interface PictureStyle {
  /** none: nothing but the ground of the look. */
  area(stage: Size, format: Format): Rect | null;
  /** Round the picture; null for none. */
  border: { colour: string; width: number } | null;
  shadow: string | null;
  /** Ornaments over the picture's edge, whether there are words or not. */
  ornaments?: (at: Pick<OrnamentPlace, 'picture' | 'stage' | 'format' | 'colours'>) => Ornament[];
}

/** How a layout looks in a look. */
export interface LayoutStyle {
  head: PartStyle;
  rest: PartStyle | null;
  scale: ByFormat<Scale>;
  align: Align;
  /** Where words may stand; null as the look has it. */
  zones: ByFormat<Zone> | null;
  /** Where they stand in it; null as the layout has it. */
  stand: Stand | null;
  /** null: all of the stage. */
  picture: PictureStyle | null;
  panel: PanelStyle | null;
  ornaments: ((at: OrnamentPlace) => Ornament[]) | null;
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
  /**
   * A soft band behind words that stand on the picture itself, at least so opaque; as much more as the picture behind them
   * makes necessary. null where they stand on a ground of their own.
   */
  shade: { colour: string; least: number } | null;
}

/** Type, colour, reveal and transition as one set. */
export interface Look {
  label: string;
  describe: string;
  /** What it suits, for the choice at the first draft. */
  suits: readonly MoodOfLook[];
  colours: {
    ink: string;
    paper: string;
    accent: string;
    /** Ground of a scene without a picture, and round pictures that do not fill the stage, from top to bottom. */
    ground: readonly [string, string];
  };
  faces: { display: Face; text: Face; small: Face };
  /** Between the large part and the small one, in sizes of the large. */
  partGap: number;
  zones: ByFormat<Zone>;
  layouts: Record<WordLayout, LayoutStyle>;
  /** Where pictures of scenes without words stand; null: all of the stage. */
  bare: PictureStyle | null;
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

/** words: as wide and high as they are; cost: of standing in a part of the stage, null where nothing is behind. */
export type Stand = (
  zone: Zone,
  words: Pick<Rect, 'x' | 'width' | 'height'>,
  cost: ((part: Rect) => number) | null,
) => Standing;

/** What a layout is: how it arranges words, where it puts them, and what the rest of the application needs to know of it. */
export interface LayoutRule {
  label: string;
  /** null: words are not shown. */
  words: {
    arrange: Arrange;
    stand: Stand;
    /** Only shown while captions are switched on. */
    caption: boolean;
    /** The number says which one of a list it is, and not how many: it never counts up. */
    ordinal?: true;
  } | null;
  /** The scene holds so long after its voice. */
  hold: 'short' | 'long';
  /** A scene of this layout without a picture is unfinished. */
  wantsPicture: boolean;
  /** The words are part of the picture, which should leave room for them. */
  standsInPicture: boolean;
}
