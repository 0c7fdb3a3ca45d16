import type { Format, Layout } from '../piece/types.ts';
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

export type ViewName = 'wide' | 'tall';

/** Box as fractions of a picture: x, y, width, height. */
export type Box = readonly [number, number, number, number];

/** What the timeline needs to know of a picture. */
export interface AssetFact {
  id: string;
  kind: 'still' | 'loop';
  /** Sizes in pixels and the subject's box. A picture from elsewhere may have one view only. */
  views: Partial<Record<ViewName, { width: number; height: number; focal: Box }>>;
  /** Frames of a loop at FPS; 0 for a still. */
  loopFrames: Frames;
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
}

export interface PlacedLine {
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

export interface ScenePicture {
  assetId: string;
  kind: 'still' | 'loop';
  view: ViewName;
  /** The frame moves from the first crop to the second over the whole time the picture is seen. */
  from: Crop;
  to: Crop;
  loopFrames: Frames;
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
  picture: ScenePicture | null;
  words: WordsBlock | null;
  /** Voice of the scene; start counted in samples of the piece. */
  voice: { key: string; start: Samples; samples: Samples } | null;
  /** Length from an estimate, since there is no take yet. */
  estimated: boolean;
  /** Length wanted by hand that was too short for the voice. */
  stretched: boolean;
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
  };
}
