import type { Licence } from '../exchange/credits.ts';

/** On what terms a library gives a picture. */
type StockLicence = Extract<Licence, 'free' | 'credit' | 'bought'>;

/** A picture that a library from outside offers. */
export interface StockPicture {
  /** Which library, and what it calls the picture. */
  library: string;
  id: string;
  title: string;
  tags: string[];
  /** Pixels of what is delivered. */
  width: number;
  height: number;
  licence: StockLicence;
  /** Who is to be named; empty where nobody is. */
  credit: string;
  /** 0 for what costs nothing; euro cents. */
  priceCents: number;
}

/** How a library answered a search; waitS: seconds after which it may be asked again. */
export type LibraryState =
  | { state: 'answered' }
  | { state: 'slow' }
  | { state: 'failed' }
  | { state: 'limited'; waitS: number };
