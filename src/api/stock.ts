import Joi from 'joi';
import type { LibraryState, StockPicture } from '../core/stock/types.ts';
import { answer, byId, endpoint } from './endpoint.ts';

/** A picture of a library as the interface shows it. */
export interface OfferView extends StockPicture {
  /** Address of its preview. */
  preview: string;
  /** Set when it was taken before: it costs nothing more. */
  assetId: string | null;
}

export interface StockAnswer {
  /** Of all libraries, best first. */
  offers: OfferView[];
  /** How each library answered. */
  libraries: ({ id: string; name: string } & LibraryState)[];
}

/** What was paid for the pictures of a piece; euro cents. */
export interface PieceCost {
  pictures: { assetId: string; title: string; priceCents: number }[];
  totalCents: number;
}

const libraryId = Joi.string().max(40).required();
const pictureId = Joi.string()
  .pattern(/^[\w.-]{1,80}$/)
  .required();

export const searchLibraries = endpoint('GET', '/api/stock', {
  query: Joi.object<{ words: string }>({ words: Joi.string().trim().min(1).max(500).required() }),
  answer: answer<StockAnswer>(),
});

/** Takes a picture from a library for the price that was shown, and gives the id under which it is on the shelf. */
export const takeOffer = endpoint('POST', '/api/stock', {
  body: Joi.object<{ library: string; id: string; shownCents: number }>({
    library: libraryId,
    id: pictureId,
    shownCents: Joi.number().integer().min(0).max(1_000_000).required(),
  }),
  answer: answer<{ assetId: string }>(),
});

export const pieceCost = endpoint('GET', '/api/pieces/:id/cost', {
  params: byId,
  answer: answer<PieceCost>(),
});

export const offerPreview = endpoint('GET', '/media/stock/:library/:id', {
  params: Joi.object<{ library: string; id: string }>({ library: libraryId, id: pictureId }),
  answer: answer<Response>(),
});
