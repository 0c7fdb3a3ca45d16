import Joi from 'joi';
import { LICENCES, type Licence } from '../core/exchange/credits.ts';
import type { Box, Format } from '../core/look/formats.ts';
import { LAYOUT_NAMES, type Layout } from '../core/look/layouts.ts';
import { LIGHTS, type Light, type Order, STAGES, type Stage } from '../core/match/order.ts';
import { HUES, type Hue } from '../core/picture/hues.ts';
import type { Relief } from '../core/picture/relief.ts';
import { formatSchema, oneOf } from '../core/piece/field.ts';
import { LIMITS } from '../core/piece/limits.ts';
import type { PictureReason } from '../core/piece/reasons.ts';
import type { ViewName } from '../core/piece/types.ts';
import { answer, byId, endpoint } from './endpoint.ts';

export interface PictureView {
  width: number;
  height: number;
  focal: Box;
  relief: Relief | null;
  /** Addresses of the picture and of its small copy. */
  src: string;
  thumb: string;
}

/** What the interface knows of a picture. */
export interface ShelfEntryView {
  id: string;
  kind: 'still' | 'loop' | 'clip';
  title: string;
  description: string;
  tags: string[];
  /** free, credit (with whom to name), bought, own or unknown. */
  licence: Licence;
  credit: string;
  /** Brought in, not of the shipped shelf. */
  own: boolean;
  /** Painted to order by the studio. */
  machineMade: boolean;
  /** A drawing without ground, such as a logo. */
  cutOut: boolean;
  colours: string[];
  /** null while nobody has said. */
  people: number | null;
  /** When it was taken, as its camera wrote it; null when nothing says. */
  takenAt: string | null;
  loopFrames: number;
  durationMs: number;
  sound: boolean;
  /**
   * Of a clip: addresses of the copy for playing, of the file itself where browsers play it, and of the film strip; and
   * how far the copy is, 0 to 1.
   */
  clip: { proxy: string; direct: string | null; strip: string; done: number; failed: string | null } | null;
  /** At least one; a picture from elsewhere has just one. */
  views: Partial<Record<ViewName, PictureView>>;
}

/** What is looked for, and what is left out. */
export interface Search {
  /** Words or a sentence; empty shows the whole shelf, own pictures first. */
  q: string;
  /** Two letters: in which they are written, when they are too few to tell. */
  language: string;
  /** Pictures like this one, instead of words. */
  like: string | null;
  kind: 'still' | 'moving' | null;
  people: 'none' | 'one' | 'several' | null;
  colour: Hue | null;
  licence: Licence | null;
  /** Only pictures that need no cut of more than a third in this format. */
  format: Format | null;
  own: boolean;
  favourite: boolean;
  /** Ids that are left out. */
  without: string[];
  offset: number;
  limit: number;
}

const or = (names: readonly string[]) => oneOf(names).allow(null).default(null);

export const searchSchema = Joi.object<Search>({
  q: Joi.string().allow('').max(500).default(''),
  language: Joi.string()
    .pattern(/^[a-z]{2}$/)
    .default('en'),
  like: Joi.string().max(64).allow(null).default(null),
  kind: or(['still', 'moving']),
  people: or(['none', 'one', 'several']),
  colour: or(HUES),
  licence: or(LICENCES),
  format: formatSchema().allow(null).default(null),
  own: Joi.boolean().default(false),
  favourite: Joi.boolean().default(false),
  without: Joi.array().items(Joi.string().max(64)).max(2000).default([]),
  offset: Joi.number().integer().min(0).max(1_000_000).default(0),
  limit: Joi.number().integer().min(1).max(200).default(24),
});

export interface Found {
  entry: ShelfEntryView;
  /** Why it was found; none without words. */
  reasons: PictureReason[];
  confidence: number;
  favourite: boolean;
}

export interface SearchAnswer {
  /** Of all that were found. */
  total: number;
  found: Found[];
}

/** What its owner says of a picture that was brought in. */
export interface OwnWords {
  title: string;
  description: string;
  tags: string[];
  licence: Licence;
  credit: string;
  people: number | null;
}

export const ownWordsSchema = Joi.object<Partial<OwnWords>>({
  title: Joi.string().trim().min(1).max(200),
  description: Joi.string().allow('').trim().max(600),
  tags: Joi.array().items(Joi.string().trim().lowercase().min(1).max(40)).max(40).unique(),
  licence: oneOf(LICENCES),
  credit: Joi.string().allow('').trim().max(300),
  people: Joi.number().integer().min(0).max(1000).allow(null),
}).min(1);

/** What the writer asks for; what is left out is chosen. */
export interface PaintAsk {
  words: string;
  format: Format;
  seed: string;
  what: string | null;
  stage: Stage | null;
  light: Light | null;
}

export const paintSchema = Joi.object<PaintAsk>({
  words: Joi.string().trim().min(1).max(500).required(),
  format: formatSchema().required(),
  seed: Joi.string().alphanum().min(1).max(24).required(),
  what: Joi.string().max(80).allow(null).default(null),
  stage: or(STAGES),
  light: or(LIGHTS),
});

/** What will be painted, said before it is. */
export interface PaintPlan {
  order: Order;
  /** Title of what is painted: "An hourglass". */
  title: string;
  /** False: nothing that the studio can paint is near the words. */
  sure: boolean;
  /** A thing stands somewhere; a place is one. */
  thing: boolean;
  /** Everything that can be painted, nearest to the words first. */
  choices: { what: string; title: string }[];
}

/** A line that will soon want a picture. */
export interface WarmLine {
  layout: Layout;
  shown: string;
  brief: string;
}

const on = Joi.object<{ on: boolean }>({ on: Joi.boolean().required() });

/** The shipped shelf. */
export const listShelf = endpoint('GET', '/api/shelf', { answer: answer<ShelfEntryView[]>() });

export const searchShelf = endpoint('POST', '/api/shelf/search', {
  body: searchSchema,
  answer: answer<SearchAnswer>(),
});

/** Works out the meaning of lines that will soon want pictures, while the writer still looks at the cut. */
export const warmShelf = endpoint('POST', '/api/shelf/warm', {
  body: Joi.object<{ lines: WarmLine[] }>({
    lines: Joi.array()
      .items(
        Joi.object({
          layout: oneOf(LAYOUT_NAMES).required(),
          shown: Joi.string().max(LIMITS.textLength).required(),
          brief: Joi.string().allow('').max(2000).required(),
        }),
      )
      .max(LIMITS.scenes)
      .required(),
  }),
});

/** One picture of the shelf, as it is now: for a clip, how far its copy for playing is. */
export const getPicture = endpoint('GET', '/api/shelf/pictures/:id', {
  params: byId,
  answer: answer<ShelfEntryView>(),
});

/** What its owner says of a picture. */
export const describePicture = endpoint('PATCH', '/api/shelf/own/:id', {
  params: byId,
  body: ownWordsSchema,
  answer: answer<OwnWords>(),
});

/** Takes a picture off the shelf, or puts it back. */
export const shelvePicture = endpoint('PUT', '/api/shelf/own/:id', { params: byId, body: on });

/** Keeps a picture at hand, or no longer. */
export const favourPicture = endpoint('PUT', '/api/shelf/favourites/:id', { params: byId, body: on });

/** What would be painted for words, before it is. */
export const planPicture = endpoint('POST', '/api/shelf/paint/plan', {
  body: paintSchema,
  answer: answer<PaintPlan>(),
});

/** Paints a picture to order and puts it on the shelf. */
export const paintPicture = endpoint('POST', '/api/shelf/paint', {
  body: paintSchema,
  status: 201,
  answer: answer<ShelfEntryView>(),
});
