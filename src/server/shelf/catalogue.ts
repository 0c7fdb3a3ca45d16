import type { Box } from '../../core/look/formats.ts';
import type { Relief } from '../../core/picture/relief.ts';
import type { ViewName } from '../../core/piece/types.ts';

/** A picture as the shelf's catalogue file describes it. */
export interface CatalogueEntry {
  id: string;
  kind: 'still' | 'loop';
  title: string;
  description: string;
  tags: string[];
  motif: string;
  /** Pictures of one scene or thing in different light: rarely two of them in one piece. */
  group: string;
  palette: string;
  people: number;
  mood: string;
  setting: string;
  time: string;
  room: string[];
  licence: 'free';
  views: Record<
    ViewName,
    {
      file: string;
      thumb: string;
      width: number;
      height: number;
      focal: Box;
      relief?: Relief;
      hash: string;
      colours: string[];
    }
  >;
  loopFrames: number;
  /** Unit vectors; see packVector. */
  textVector: string;
  tagsVector: string;
  calledFor: string[];
  /** It shows nothing in particular and stands behind any words. */
  ground: boolean;
  /** Lines for which it is used, with their vectors. */
  usedFor: { text: string; vector: string }[];
}

export interface CatalogueFile {
  version: 2;
  entries: CatalogueEntry[];
  /** Meaning of single tags. */
  tagVectors: Record<string, string>;
}

/** Beside the catalogue: how light and busy pictures are, by id and view. */
export const RELIEFS_FILE = 'reliefs.json';

/** Beside the catalogue: the meaning of single words, packed, by word in lower case. */
export const WORDS_FILE = 'words.json';

/** A unit vector as signed bytes in base64: a quarter of the size, similarities within 0.01. */
export function packVector(v: Float32Array): string {
  const most = v.reduce((m, x) => Math.max(m, Math.abs(x)), 1e-9);
  return Buffer.from(Int8Array.from(v, (x) => Math.round((x / most) * 127)).buffer).toString('base64');
}

export function unpackVector(s: string): Float32Array {
  const b = Buffer.from(s, 'base64');
  const v = Float32Array.from(new Int8Array(b.buffer, b.byteOffset, b.byteLength));
  const length = Math.hypot(...v) || 1;
  return v.map((x) => x / length);
}
