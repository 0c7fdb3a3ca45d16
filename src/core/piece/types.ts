import type { Milliseconds } from '../time.ts';

export const PIECE_VERSION = 1;

export const FORMATS = ['9:16', '1:1', '16:9'] as const;
export type Format = (typeof FORMATS)[number];

/** title: few large words. caption: what is said, word by word with the voice. plain: the picture alone. */
export const LAYOUTS = ['title', 'caption', 'plain'] as const;
export type Layout = (typeof LAYOUTS)[number];

/** Moods the composer knows; see core/music. */
export const MOODS = ['gentle', 'bright', 'drive', 'wonder', 'none'] as const;
export type Mood = (typeof MOODS)[number];

/** A picture in a scene and how it came there. */
export interface PictureChoice {
  assetId: string;
  /** writer: chosen by hand and never overwritten by nabbing again. */
  by: 'nab' | 'writer';
  /** Why this one, in words; empty for the writer's own choice. */
  reason: string;
  /** 0 (a guess) to 1 (certain); 1 for the writer's own choice. */
  confidence: number;
  /** Words of the line by which it was found, as written there. */
  found: string[];
  /** Next best, best first. */
  alternatives: { assetId: string; reason: string }[];
}

/** One row of the sheet. */
export interface Scene {
  id: string;
  layout: Layout;
  /** Words on the screen. */
  shown: string;
  /** Words for the voice; null speaks what is shown. An empty string is silence. */
  spoken: string | null;
  /** What the picture should show, from [brackets] or typed; empty when the line itself decides. */
  wish: string;
  picture: PictureChoice | null;
  /** Length set by hand; null follows the voice. */
  durationMs: Milliseconds | null;
}

/** One video in the making. */
export interface Piece {
  version: typeof PIECE_VERSION;
  title: string;
  format: Format;
  voice: {
    /** Name from the list of voices. */
    name: string;
    /** Speed relative to the voice's own, 0.5 to 2. */
    pace: number;
  };
  music: {
    mood: Mood;
    /** Chooses among the composer's pieces of that mood. */
    seed: number;
    /** Added to the level that the mixer finds right, dB, -30 to 12. */
    gainDb: number;
  };
  /** Words of caption scenes on the screen. */
  captions: boolean;
  scenes: Scene[];
}

/** What the voice says in a scene. */
export const spokenOf = (scene: Scene): string => scene.spoken ?? scene.shown;
