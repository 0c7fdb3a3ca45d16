import Joi from 'joi';
import type { LibraryState, StockPicture } from '../../core/stock/types.ts';

/** A library from outside: something that is searched, shows previews and delivers pictures. */
export interface StockLibrary {
  /** Stable, in lower case: bought pictures refer to it. */
  id: string;
  /** What it is called in the interface. */
  name: string;
  /** Its best answers to some words, best first. Throws LibraryTrouble. */
  search(words: string, most: number, signal: AbortSignal): Promise<StockPicture[]>;
  /** A small picture to look at, with the library's mark where it has one. */
  preview(id: string, signal: AbortSignal): Promise<Buffer>;
  /** The picture itself; from here on it is paid for. */
  deliver(id: string, signal: AbortSignal): Promise<Buffer>;
}

/** Why a library did not answer. */
export class LibraryTrouble extends Error {
  readonly state: Exclude<LibraryState, { state: 'answered' }>;
  constructor(state: LibraryTrouble['state'], detail = '') {
    super(detail || state.state);
    this.state = state;
  }
}

const word = (most: number) => Joi.string().max(most).allow('');

/** What a library may say of a picture; anything else is no picture. */
export const offered = Joi.object<Omit<StockPicture, 'library'>>({
  id: Joi.string()
    .pattern(/^[\w.-]{1,80}$/)
    .required(),
  title: word(200).required(),
  tags: Joi.array().items(word(80)).max(60).default([]),
  width: Joi.number().integer().min(1).max(100_000).required(),
  height: Joi.number().integer().min(1).max(100_000).required(),
  licence: Joi.valid('free', 'credit', 'bought').required(),
  credit: word(300).default(''),
  priceCents: Joi.number().integer().min(0).max(1_000_000).default(0),
});
