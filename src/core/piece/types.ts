import type { SourceKind } from '../source/types.ts';
import type { Milliseconds } from '../time.ts';

export const PIECE_VERSION = 3;

export const FORMATS = ['9:16', '1:1', '16:9'] as const;
export type Format = (typeof FORMATS)[number];

/**
 * title: few large words. caption: what is said, word by word with the voice. quote: somebody's words, all at once.
 * figure: the first line very large (a number, a price), the rest small below it. end: a closing card, the first line
 * large, the rest small. plain: the picture alone.
 */
export const LAYOUTS = ['title', 'caption', 'quote', 'figure', 'end', 'plain'] as const;
export type Layout = (typeof LAYOUTS)[number];

/** Moods the composer knows; see core/music. */
export const MOODS = ['gentle', 'bright', 'drive', 'wonder', 'none'] as const;
export type Mood = (typeof MOODS)[number];

/** A picture of the shelf is painted in two views; one from elsewhere has the one that its proportions give. */
export type ViewName = 'wide' | 'tall';

/** Where the frame looks: its middle in fractions of the picture, and how much closer than the largest frame, 1 to 8. */
export interface Aim {
  x: number;
  y: number;
  zoom: number;
}

/** auto: towards the subject, in every second scene away from it. */
export const MOVES = ['auto', 'towards', 'away', 'still'] as const;
export type Move = (typeof MOVES)[number];

/** How a picture stands in the frame, where the writer has a say in it. */
export interface Framing {
  /** fill: the picture fills the frame. whole: all of it is seen, with a surround. */
  fit: 'fill' | 'whole';
  /** Round a whole picture: itself, blurred, or a colour "#rrggbb". */
  surround: string;
  move: Move;
  /**
   * Frames set by hand, by view, so that they hold in every format that shows this view. One: where the frame stands,
   * and the slow move begins or ends. Two: start and end of the move.
   */
  aims: Partial<Record<ViewName, Aim[]>>;
}

/** Which part of a clip is shown, and how. */
export interface ClipPart {
  inMs: Milliseconds;
  /** null: to its end. */
  outMs: Milliseconds | null;
  /** 0.25 to 4. */
  speed: number;
  /** Level of its own sound against the voice, dB; null is silent. */
  gainDb: number | null;
  /** When the part is shorter than the scene: from the start again, or the last frame stands. */
  end: 'loop' | 'hold';
}

/** A picture with the way it is shown. */
export interface PictureUse {
  assetId: string;
  framing: Framing | null;
  clip: ClipPart | null;
}

/** Colour treatments of a picture; see core/paint/treatment.ts for what each does. */
export const GRADES = [
  'none',
  'mono',
  'sepia',
  'warm',
  'cool',
  'dark',
  'bright',
  'faded',
  'rich',
  'dusk',
] as const;
export type Grade = (typeof GRADES)[number];

/** Grading and texture of a scene's pictures. Strengths from 0 to 1. */
export interface Treatment {
  grade: Grade;
  strength: number;
  grain: number;
  dust: number;
  leak: number;
  /** Of the picture, 0.1 to 1, over the colour behind it. */
  opacity: number;
  behind: string;
}

export const PLAIN_TREATMENT: Treatment = {
  grade: 'none',
  strength: 1,
  grain: 0,
  dust: 0,
  leak: 0,
  opacity: 1,
  behind: '#1d1b22',
};

/** A picture shown as it comes. */
export const plainUse = (assetId: string): PictureUse => ({ assetId, framing: null, clip: null });

export const AUTO_FRAMING: Framing = { fit: 'fill', surround: 'blur', move: 'auto', aims: {} };

export const WHOLE_CLIP: ClipPart = { inMs: 0, outMs: null, speed: 1, gainDb: null, end: 'loop' };

/** A picture in a scene and how it came there. */
export interface PictureChoice extends PictureUse {
  /** writer: chosen by hand; source: it came with the words. Neither is overwritten by nabbing again. */
  by: 'nab' | 'source' | 'writer';
  /** Why this one, in words; empty for the writer's own choice. */
  reason: string;
  /** 0 (a guess) to 1 (certain); 1 for the writer's own choice. */
  confidence: number;
  /** Words of the line by which it was found, as written there. */
  found: string[];
  /** Next best, best first. */
  alternatives: { assetId: string; reason: string }[];
}

/** Where a line came from: its place in the source ("p4.1", "fact:price") and the sentence as it stands there. */
export interface LineOrigin {
  ref: string;
  text: string;
}

/** Part of a text: text.slice(start, end). */
export type Span = [start: number, end: number];

/** One row of the sheet. */
export interface Scene {
  id: string;
  layout: Layout;
  /** Words on the screen. */
  shown: string;
  /** Highlighted parts of the shown words, in order, not overlapping. */
  marks: Span[];
  /** Words for the voice; null speaks what is shown. An empty string is silence. */
  spoken: string | null;
  /** What the picture should show, from [brackets] or typed; empty when the line itself decides. */
  wish: string;
  picture: PictureChoice | null;
  /** Further pictures that follow the first in turn, each for an equal share of the scene. */
  more: PictureUse[];
  /** The picture of the scene before goes on through this one; its own waits. */
  runsOn: boolean;
  /** null: as the picture is. */
  treatment: Treatment | null;
  /** Length set by hand; null follows the voice. */
  durationMs: Milliseconds | null;
  /** null for a line that the writer wrote here. */
  from: LineOrigin | null;
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
  /** What the words came from; id is that of the stored source, null when it was not kept. */
  source: { id: string | null; kind: SourceKind; title: string } | null;
  /** How long the whole shall be; null when it does not matter. */
  targetMs: Milliseconds | null;
  /** Words of caption scenes on the screen. */
  captions: boolean;
  scenes: Scene[];
}

/** What the voice says in a scene. */
export const spokenOf = (scene: Scene): string => scene.spoken ?? scene.shown;
