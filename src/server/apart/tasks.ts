import type { Source } from '../../core/source/types.ts';
import type { About } from '../assets/assets.ts';
import type { AssetRecord } from '../assets/record.ts';
import type { Fetched } from '../read/fetch.ts';
import type { ReadAs } from '../read/readers/types.ts';

/** What is done with material of strangers in processes of their own. Only types stand here: both sides import it. */
export interface Tasks {
  'read-file': (bytes: Uint8Array, name: string, as: ReadAs) => Promise<Source>;
  'read-fetched': (fetched: Fetched, as: ReadAs) => Promise<Source>;
  'read-pasted': (words: string, markup: string | null, as: ReadAs) => Promise<Source>;
  picture: (bytes: Uint8Array, about: About) => Promise<AssetRecord>;
}
