import type { Box, Format, Size } from '../look/formats.ts';
import type { WordLayout } from '../look/layouts.ts';
import type { TransitionKind } from '../look/transitions.ts';
import type { LayoutStyle, Look, Ornament, Rect } from '../look/types.ts';
import type { Part } from '../look/typeset/arrange.ts';
import type { Relief } from '../picture/relief.ts';
import type { Style } from '../piece/appearance.ts';
import type { Fit, Grading, TrackSource, ViewName } from '../piece/types.ts';
import type { EffectName } from '../sound/effects.ts';
import type { Decibels, Frames, Milliseconds, Samples } from '../time.ts';

/** A word of a take: text.slice(start, end) of the spoken text, and when it is said in the take. */
export interface TakeWord {
  start: number;
  end: number;
  startMs: Milliseconds;
  endMs: Milliseconds;
}

/** What is known of a narration of one text by one voice. */
export interface TakeFact {
  key: string;
  samples: Samples;
  words: TakeWord[];
  /** Of a recording: how often it hit the ceiling. */
  clipped?: number;
}

/** What the timeline needs to know of a picture. */
export interface AssetFact {
  id: string;
  kind: 'still' | 'loop' | 'clip';
  /** Sizes in pixels and the subject's box. A picture from elsewhere may have one view only. */
  views: Partial<Record<ViewName, Size & { focal: Box; relief?: Relief | null }>>;
  /** Frames of a loop at FPS; 0 for a still. */
  loopFrames: Frames;
  /** Length of a clip; 0 for stills and loops. */
  durationMs: Milliseconds;
  /** Whether a clip has sound. */
  sound: boolean;
}

/** What the timeline needs to know of a track that was brought: its beats, and where its bars begin. */
export interface OwnTrackFact {
  beats: readonly Milliseconds[];
  meter: 3 | 4;
  first: number;
  sure: number;
}

export interface TrackFact {
  key: string;
  samples: Samples;
  /** Where bars begin. */
  bars: Samples[];
}

/** Measured facts of the material, by key or id. Missing ones are estimated, so that a piece can be seen before its voice is there. */
export interface Facts {
  takes: Readonly<Record<string, TakeFact>>;
  assets: Readonly<Record<string, AssetFact>>;
  tracks: Readonly<Record<string, TrackFact>>;
  /** Tracks that were brought, by id. */
  ownTracks: Readonly<Record<string, OwnTrackFact>>;
}

export const NO_FACTS: Facts = { takes: {}, assets: {}, tracks: {}, ownTracks: {} };

/** A filled rectangle, stage pixels. */
export interface Shape {
  x: number;
  y: number;
  width: number;
  height: number;
  radius: number;
  colour: string;
}

/** A word as it is drawn: left edge and width in stage pixels, and scene-local frames [start, end) while it is said. */
export interface PlacedWord {
  text: string;
  x: number;
  width: number;
  start: Frames;
  end: Frames;
  /** Letters of the page before it, and its own. */
  before: number;
  letters: number;
  /** Where each of its letters ends, from where the word begins; null where no single letters are asked for. */
  edges: number[] | null;
  /** Runs from right to left. */
  rightToLeft: boolean;
  /** It is the first number of its page: the one that counts up, where figures do. */
  counts?: boolean;
  colour: string;
  /** Its colour while it is said; null for the same. */
  saidColour: string | null;
  /** By so much its strokes are thicker on each side, pixels. */
  thicker?: number;
  /** Behind a word that the writer stresses; null for others. */
  highlight: Shape | null;
  /** Behind the word while it is said; null where nothing marks it. */
  said: Shape | null;
}

/** What a line stands on, as high as it is; how wide it is at a moment is said by the reveal. */
export interface PlacedGround {
  y: number;
  height: number;
  radius: number;
  colour: string;
  shadow: string | null;
  /** Words are seen only over the ground and a little above and below it. */
  clip: { y: number; height: number };
}

/** A line of resolved words: everything that the painter needs to draw it, in stage pixels. */
export interface PlacedLine {
  /** CSS font. */
  font: string;
  size: number;
  /** Between letters, pixels. */
  tracking: number;
  outline: { colour: string; width: number } | null;
  glow: { colour: string; blur: number; fall: number } | null;
  /** The large part of its layout, or the small one. */
  part: Part;
  x: number;
  /** Baseline. */
  y: number;
  width: number;
  /** Of the ground, left and right of the words. */
  pad: number;
  ground: PlacedGround | null;
  words: PlacedWord[];
}

/** Words that stand on the screen together, scene-local frames [start, end). */
export interface Page {
  start: Frames;
  end: Frames;
  lines: PlacedLine[];
  underline: Shape | null;
}

/** What makes words stand out: their own colour, what is laid under them, or another place. */
export type RemedyKind = 'lighter' | 'darker' | 'behind' | 'outline' | 'shade' | 'strip' | 'place';

/** A change of the look of a scene after which its words can be read. */
export interface Remedy {
  kind: RemedyKind;
  look: Partial<Style>;
}

/** How well words can be told from what is behind them, at their worst moment and place. */
export interface Legibility {
  /** Contrast ratio, 1 to 21, and what it should be at least (WCAG 2.2, AA). */
  ratio: number;
  needed: number;
  /** Lightness contrast, in either direction (APCA). */
  contrast: number;
  /** On what they stand there. */
  on: 'strip' | 'panel' | 'ground' | 'picture' | 'outline';
  /** The one colour on which they stand; null on a picture. */
  ground: string | null;
  /** Of words that do not stand out enough: the change that mends it and is seen least. */
  remedy?: Remedy;
}

/** One ground for all lines of a block. */
interface PlacedPanel {
  shapes: Shape[];
  ornaments: Ornament[];
}

export interface WordsBlock
  extends Pick<LayoutStyle, 'reveal' | 'tilt' | 'settle' | 'scrim'>,
    Pick<Look, 'leave'> {
  layout: WordLayout;
  /** The voice says other words than these: they stand from the start instead of coming with it. */
  standing: boolean;
  /** None of them is said: none is marked while the voice speaks. */
  unsaid?: boolean;
  underline: LayoutStyle['underline'];
  panel: PlacedPanel | null;
  /** A soft band behind the words, from its middle to nothing at its edges. */
  shade: ({ colour: string; alpha: number; ramp: number } & Rect) | null;
  ornaments: Ornament[];
  legibility: Legibility;
  /** They stand on a head. */
  onHead: boolean;
  pages: Page[];
  /** Bounds of all pages, stage pixels. */
  box: { x: number; y: number; width: number; height: number };
}

/** Part of a picture in source pixels. */
export interface Crop {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** The part of a clip that is shown: from inMs of its file, so many frames of the piece at its speed. */
export interface ShotClip {
  inMs: Milliseconds;
  speed: number;
  frames: Frames;
  end: 'loop' | 'hold';
}

/** How what was seen before gives way; frames is 0 for a cut. */
export interface Passage {
  kind: TransitionKind;
  frames: Frames;
}

/** A picture in a scene, scene-local frames [start, end). */
export interface Shot {
  assetId: string;
  kind: AssetFact['kind'];
  view: ViewName;
  /** Of the file, in whose pixels the crops are. */
  size: Size;
  start: Frames;
  end: Frames;
  /** At its start, from the shot before it in the scene. */
  transition: Passage;
  /** Frames for which the picture was seen before `start`, in scenes before, and for which it is seen in all. */
  offset: Frames;
  run: Frames;
  fit: Fit;
  /** Round a whole picture: "blur" or a colour. */
  surround: string;
  /** The frame moves from the first crop to the second over the run. */
  from: Crop;
  to: Crop;
  /** The subject's box in fractions of the stage, as the picture stands when its move is over. */
  subject: Box;
  /** What words on the picture have to know of it; null where it was not measured. */
  relief: Relief | null;
  loopFrames: Frames;
  clip: ShotClip | null;
}

/** The voice of a scene: so many samples of a take, heard from `start` of the piece. */
export interface SceneVoice {
  key: string;
  start: Samples;
  samples: Samples;
}

/** Where the pictures of a scene stand when they do not fill the stage. */
export interface PictureFrame {
  /** null: no picture is seen. */
  area: Rect | null;
  border: { colour: string; width: number } | null;
  shadow: string | null;
  ornaments: Ornament[];
}

/** Colours of the look of a scene. */
export interface SceneColours {
  ink: string;
  paper: string;
  /** Ground of a scene without a picture, from top to bottom, and of what a picture leaves free. */
  ground: readonly [string, string];
}

export interface TimelineScene {
  sceneId: string;
  /** [start, end) in frames of the piece. */
  start: Frames;
  end: Frames;
  /** At its start, from the scene before. */
  transition: Passage;
  /** Frames that the picture goes on after the end, under the next scene's transition. */
  tail: Frames;
  /** In order; empty for a scene without a picture. */
  shots: Shot[];
  grading: Grading | null;
  /** null: pictures fill the stage. */
  frame: PictureFrame | null;
  colours: SceneColours;
  words: WordsBlock | null;
  voice: SceneVoice | null;
  /** Length from an estimate, since there is no take yet. */
  estimated: boolean;
  /** Length wanted by hand that was too short for the voice. */
  stretched: boolean;
}

/** The own sound of a clip's part: so many samples of it, from inMs of its file at its speed. */
export interface ClipSound {
  /** Same key, same samples. */
  key: string;
  assetId: string;
  inMs: Milliseconds;
  speed: number;
  samples: Samples;
  /** Where it is heard; when `length` is more than `samples` it is heard again and again. */
  start: Samples;
  length: Samples;
  gainDb: Decibels;
}

/** A stretch of music in samples of the piece, with the track that it wants. */
/** A track to be made. */
export interface WantedTrack {
  key: string;
  source: TrackSource;
  lengthMs: Milliseconds;
  /** Its beats stay where they are, since pictures change on them. */
  steady: boolean;
}

/** A short sound; start may lie before the piece, of which nothing is heard then. */
export interface EffectSound {
  name: EffectName;
  start: Samples;
  gainDb: Decibels;
}

export interface SoundBed {
  bedId: string;
  start: Samples;
  length: Samples;
  gainDb: Decibels;
  /** How far it goes down under speech; null as the mixer finds right. */
  duckDb: Decibels | null;
  wanted: WantedTrack;
  /** null while the track is not there: nothing is heard. */
  track: TrackFact | null;
}

export interface Timeline {
  format: Format;
  width: number;
  height: number;
  frames: Frames;
  /** Of the look of the piece. */
  colours: SceneColours;
  scenes: TimelineScene[];
  sound: {
    samples: Samples;
    /** [start, end) of speech, so that music goes down under it; breaths within are part of it. */
    speech: [Samples, Samples][];
    beds: SoundBed[];
    clips: ClipSound[];
    effects: EffectSound[];
  };
}
