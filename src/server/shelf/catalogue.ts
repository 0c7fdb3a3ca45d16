import type { Box, ViewName } from '../../core/timeline/types.ts';

/** A picture as the shelf's catalogue file describes it. */
export interface CatalogueEntry {
  id: string;
  kind: 'still' | 'loop';
  title: string;
  description: string;
  tags: string[];
  motif: string;
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
      hash: string;
      colours: string[];
    }
  >;
  loopFrames: number;
  /** Unit vectors, float32 in base64. */
  textVector: string;
  tagsVector: string;
}

export interface CatalogueFile {
  version: 1;
  entries: CatalogueEntry[];
  /** Meaning of single tags. */
  tagVectors: Record<string, string>;
}

export const packVector = (v: Float32Array): string =>
  Buffer.from(v.buffer, v.byteOffset, v.byteLength).toString('base64');

export function unpackVector(s: string): Float32Array {
  const b = Buffer.from(s, 'base64');
  return new Float32Array(b.buffer.slice(b.byteOffset, b.byteOffset + b.byteLength));
}
