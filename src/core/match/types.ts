import type { NearWord } from './wordnet.ts';

/** A unit vector of the sentence model; similarity is the dot product. */
export type Vector = Float32Array;

/** What the match knows of a picture. Index over a whole shelf: see ShelfIndex. */
export interface ShelfItem {
  id: string;
  kind: 'still' | 'loop';
  title: string;
  description: string;
  tags: string[];
  /** Pictures of one motif: rarely two of them in one piece. */
  group: string;
  palette: string;
  /** Meaning of title and description, and of the tags as one list. */
  textVector: Vector;
  tagsVector: Vector;
  /** Lines for which the picture is used, though what they say is not in it, with their meaning. */
  usedFor?: readonly { text: string; vector: Vector }[];
  /** What is said of it in the source of the piece; undefined for what stands on the shelf. */
  caption?: string;
}

/** A line that wants a picture. */
export interface MatchLine {
  sceneId: string;
  text: string;
  brief: string;
  vector: Vector;
  /**
   * Meaning of what stands round the line and of what the piece is about; how much it counts beside a line that says enough
   * by itself, and beside one of which the shelf knows nothing, 0 to 1. null when the line stands alone.
   */
  context: { vector: Vector; share: number; most: number } | null;
  /** Meaning of the brief; null without one. */
  briefVector: Vector | null;
  /** Meaning of each content word, in the order of contentWords(brief || text). */
  wordVectors: Vector[];
  /** Words near to each content word, in the same order; without it only stems and meanings are compared. */
  nearWords?: readonly (readonly NearWord[])[];
}

/** One word of a line and what it met in a picture. */
export interface WordHit {
  word: string;
  tag: string;
  /** 1 for the same stem, else the similarity of meaning. */
  close: number;
}

export interface Scored {
  item: ShelfItem;
  /** 0 to about 1. */
  score: number;
  /** Similarity of the whole line to the picture, 0 to 1. */
  meaning: number;
  hits: WordHit[];
  /** Part of the score that does not come from meaning and words. */
  preference?: number;
}
