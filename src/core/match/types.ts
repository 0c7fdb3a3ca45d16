import type { Phrase } from './phrases.ts';
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
  /** Single words, in lower case, that call for the picture though they are not in it: "divorce" for a chain that breaks. */
  calledFor?: readonly string[];
  /** It shows nothing in particular and stands behind any words. */
  ground?: boolean;
  /** The writer brought it: what is typed for it are their own words. */
  own?: boolean;
  /** The occasion on which a photo was taken. */
  session?: string;
  /** What kind of picture it is (a room with people, a thing out of doors ...); alternatives are of different kinds. */
  sort?: string;
  /** What is said of it in the source of the piece; undefined for what stands on the shelf. */
  caption?: string;
}

/** A figure of speech and what it means. */
export interface Figure {
  said: string;
  meant: string;
}

/** A line that wants a picture. */
export interface MatchLine {
  sceneId: string;
  /** What is said, figures of speech in the words of what they mean. */
  text: string;
  brief: string;
  /** Figures of speech in it, as they were said and as they are meant. */
  figures?: readonly Figure[];
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
  /** It speaks of what the line before it names: "They open at six." */
  pointsBack?: boolean;
  /** It is a title: its picture is seen first, and goes before others' where two lines want the same. */
  title?: boolean;
  /** How much each content word counts, in the same order; all the same without it. */
  wordWeights?: readonly number[];
  /** Words near to each content word, in the same order; without it only stems and meanings are compared. */
  nearWords?: readonly (readonly NearWord[])[];
  /** Content words that are one phrase. */
  phrases?: readonly Phrase[];
  /** Of a line in another language, which of its words each English one stands for; null for a line in English. */
  said?: ReadonlyMap<string, string> | null;
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
