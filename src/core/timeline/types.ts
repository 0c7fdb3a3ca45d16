import type { Format, Layout, Treatment, ViewName } from '../piece/types.ts';
import type { Decibels, Frames, Milliseconds, Samples } from '../time.ts';

/** Pixels of the stage on which a timeline is laid out; a render scales the stage. The short side is 1080. */
export const STAGE: Record<Format, { width: number; height: number }> = {
  '9:16': { width: 1080, height: 1920 },
  '1:1': { width: 1080, height: 1080 },
  '16:9': { width: 1920, height: 1080 },
};

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
}

/** Box as fractions of a picture: x, y, width, height. */
export type Box = readonly [number, number, number, number];

/** What the timeline needs to know of a picture. */
export interface AssetFact {
  id: string;
  kind: 'still' | 'loop' | 'clip';
  /** Sizes in pixels and the subject's box. A picture from elsewhere may have one view only. */
  views: Partial<Record<ViewName, { width: number; height: number; focal: Box }>>;
  /** Frames of a loop at FPS; 0 for a still. */
  loopFrames: Frames;
  /** Length of a clip; 0 for stills and loops. */
  durationMs: Milliseconds;
  /** Whether a clip has sound. */
  sound: boolean;
}

export interface TrackFact {
  key: string;
  samples: Samples;
  /** Where bars begin. */
  bars: Samples[];
}

/** Measured facts of the material. Missing ones are estimated, so that a piece can be seen before its voice is there. */
export interface Facts {
  takes: Record<string, TakeFact>;
  assets: Record<string, AssetFact>;
  track: TrackFact | null;
}

/** A word as it is drawn: left edge and width in stage pixels, and scene-local frames [at, until) while it is said. */
export interface PlacedWord {
  text: string;
  x: number;
  width: number;
  at: Frames;
  until: Frames;
  /** Highlighted by the writer. */
  marked: boolean;
}

export interface PlacedLine {
  /** Font size, stage pixels, and what the line is: the large part of its layout or the small one. */
  size: number;
  part: 'head' | 'rest';
  /** Baseline, stage pixels. */
  y: number;
  x: number;
  width: number;
  words: PlacedWord[];
}

/** Words that stand on the screen together, scene-local frames [from, to). */
export interface Page {
  from: Frames;
  to: Frames;
  lines: PlacedLine[];
}

export interface WordsBlock {
  /** The voice says other words than these: they stand from the start instead of coming with it. */
  standing: boolean;
  layout: Exclude<Layout, 'plain'>;
  /** Font size and height of a line, stage pixels. */
  size: number;
  lineHeight: number;
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

/** A picture in a scene, scene-local frames [at, until). */
export interface Shot {
  assetId: string;
  kind: AssetFact['kind'];
  view: ViewName;
  /** Of the file, in whose pixels the crops are. */
  size: { width: number; height: number };
  at: Frames;
  until: Frames;
  /** Frames at its start during which the shot before it in the scene dissolves into it. */
  dissolve: Frames;
  /** Frames for which the picture was seen before `at`, in scenes before, and for which it is seen in all. */
  offset: Frames;
  run: Frames;
  fit: 'fill' | 'whole';
  /** Round a whole picture: "blur" or a colour. */
  surround: string;
  /** The frame moves from the first crop to the second over the run. */
  from: Crop;
  to: Crop;
  loopFrames: Frames;
  clip: ShotClip | null;
}

export interface TimelineScene {
  sceneId: string;
  /** [start, end) in frames of the piece. */
  start: Frames;
  end: Frames;
  /** Frames at the start during which the scene before dissolves into this one; 0 for a hard cut. */
  dissolve: Frames;
  /** Frames that the picture goes on after the end, under the next scene's dissolve. */
  tail: Frames;
  /** In order; empty for a scene without a picture. */
  shots: Shot[];
  treatment: Treatment | null;
  words: WordsBlock | null;
  /** Voice of the scene; start counted in samples of the piece. */
  voice: { key: string; start: Samples; samples: Samples } | null;
  /** Length from an estimate, since there is no take yet. */
  estimated: boolean;
  /** Length wanted by hand that was too short for the voice. */
  stretched: boolean;
}

/** The own sound of a clip's part: so many samples of it, from inMs of its file at its speed. */
export interface ClipPartSound {
  key: string;
  assetId: string;
  inMs: Milliseconds;
  speed: number;
  samples: Samples;
}

/** Where it is heard: from start on for so long, again from its beginning when the part loops. */
export interface ClipSound extends ClipPartSound {
  start: Samples;
  length: Samples;
  gainDb: Decibels;
}

export interface Timeline {
  format: Format;
  width: number;
  height: number;
  frames: Frames;
  scenes: TimelineScene[];
  sound: {
    samples: Samples;
    /** Where somebody speaks, [start, end) in samples, in order, merged over short breaths. */
    speech: [Samples, Samples][];
    music: { key: string; samples: Samples; gainDb: Decibels } | null;
    /** In order of their start. */
    clips: ClipSound[];
  };
}
