import type { FileTypeResult } from 'file-type';
import type { Source } from '../../../core/source/types.ts';

/** What a page is to be read as; auto lets the page decide. */
export type ReadAs = 'auto' | 'article' | 'product';

/** A file as it was brought or fetched. */
export interface BroughtFile {
  bytes: Buffer;
  /** Its own name, or the last part of its address. */
  name: string;
  /** The content type that came with it; null for a file from a disk. */
  type: string | null;
  /** What its first bytes say it is; undefined for texts and what nobody knows. */
  found: FileTypeResult | undefined;
}

interface ReadOptions {
  as: ReadAs;
  /** Where the relative addresses of a saved page lead; null when that is not known. */
  base: string | null;
}

/** A kind of document that can be read. */
export interface Reader {
  /** As it is named to somebody who asks what can be brought: "Word (.docx)"; null for what is known but not read. */
  label: string | null;
  /** Endings of such files, with the point. */
  endings: readonly string[];
  /** Whether a file is of this kind: told by its content; the name only helps among texts. */
  recognises(file: BroughtFile): boolean;
  /** Throws Failed. */
  read(file: BroughtFile, options: ReadOptions): Promise<Source> | Source;
}
