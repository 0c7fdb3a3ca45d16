import Joi from 'joi';
import { type OutlineEdit, outlineEditSchema } from '../core/outline/edit.ts';
import { PHOTO } from '../core/outline/photos.ts';
import { choicesSchema } from '../core/outline/schema.ts';
import type { OutlineChoices } from '../core/outline/types.ts';
import { oneOf } from '../core/piece/field.ts';
import { optionsSchema, type PieceOptions } from '../core/piece/options.ts';
import type { SourceKind } from '../core/source/kinds.ts';
import type { Photo, Source } from '../core/source/types.ts';
import type { Milliseconds } from '../core/time.ts';
import { entriesSchema, type StoredEntry } from './edits.ts';
import { answer, byId, endpoint } from './endpoint.ts';
import type { ShelfEntryView } from './shelf.ts';

/** A stored source with the state of its outline. */
export interface StoredSource {
  id: string;
  source: Source;
  choices: OutlineChoices;
  options: PieceOptions;
  /** Of choices, options and facts. */
  rev: number;
  history: StoredEntry<OutlineEdit>[];
  pieceId: string | null;
  /** Pictures of the source that we have. */
  assets: ShelfEntryView[];
}

export interface SourceSummary {
  id: string;
  kind: SourceKind;
  title: string;
  updatedAt: string;
}

/** What a page is to be read as; auto lets the page decide. */
export type ReadAs = 'auto' | 'article' | 'product';
const as = oneOf(['auto', 'article', 'product']).default('auto');

/** A photo that was uploaded, with what is known of its file. */
export interface BroughtPhoto {
  photo: string;
  assetId: string;
  name: string;
  bytes: number;
  modifiedMs: number;
}

const broughtPhoto = {
  photo: Joi.string()
    .pattern(/^[\w-]{1,40}$/)
    .required(),
  assetId: Joi.string().max(40).required(),
  name: Joi.string().max(300).required(),
  bytes: Joi.number().integer().min(0).required(),
  modifiedMs: Joi.number().integer().min(0).required(),
};

/** What the writer brought: an address, pasted words, or a photo set, empty or with its first photos. */
export type SourceInput = (
  | { from: 'address'; address: string; as: ReadAs }
  | { from: 'text'; text: string; html: string | null; as: ReadAs }
  | { from: 'photos'; title: string; photos: BroughtPhoto[] }
) &
  Wished;

/** What the outline begins with; null leaves it to the source. */
export interface Wished {
  targetMs: Milliseconds | null;
  options: PieceOptions | null;
}

const INPUTS: Record<SourceInput['from'], Record<string, Joi.Schema>> = {
  address: {
    address: Joi.string()
      .trim()
      .min(1)
      .max(2000)
      .required()
      .messages({ 'string.empty': 'There is no address yet.' }),
    as,
  },
  text: {
    text: Joi.string().allow('').max(1_000_000).required(),
    html: Joi.string().allow(null).max(3_000_000).required(),
    as,
  },
  photos: {
    title: Joi.string().allow('').max(300).required(),
    photos: Joi.array().items(Joi.object(broughtPhoto)).max(PHOTO.most).default([]),
  },
};

const inputSchema = Object.entries(INPUTS).reduce(
  (schema, [from, fields]) =>
    // biome-ignore lint/suspicious/noThenProperty: the name of Joi's option
    schema.when(Joi.object({ from: Joi.valid(from).required() }).unknown(), { then: Joi.object(fields) }),
  Joi.object({
    from: oneOf(Object.keys(INPUTS)).required(),
    targetMs: choicesSchema.extract('targetMs').optional().default(null),
    options: optionsSchema.allow(null).default(null),
  }),
) as Joi.ObjectSchema<SourceInput>;

/** The largest document that is read, bytes. */
const LARGEST_DOCUMENT = 40_000_000;

const named = Joi.object<{ name: string }>({ name: Joi.string().max(300).required() });

/** Outlines that no piece was made from yet, latest first. */
export const listSources = endpoint('GET', '/api/sources', { answer: answer<SourceSummary[]>() });

export const createSource = endpoint('POST', '/api/sources', {
  body: inputSchema,
  status: 201,
  answer: answer<{ id: string }>(),
});

/** Reads a file that the writer brought; the body is the file itself. */
export const readSourceFile = endpoint('PUT', '/api/sources/file', {
  query: named.append<{ name: string; as: ReadAs }>({ as }),
  body: { bytes: LARGEST_DOCUMENT },
  status: 201,
  answer: answer<{ id: string }>(),
});

/** The words of a file as a script, without making anything of them yet. Plain text stays as it is. */
export const readScriptFile = endpoint('PUT', '/api/scripts', {
  query: named,
  body: { bytes: LARGEST_DOCUMENT },
  answer: answer<{ text: string }>(),
});

export const getSource = endpoint('GET', '/api/sources/:id', {
  params: byId,
  answer: answer<StoredSource>(),
});

/** Puts an outline away; nothing is deleted. */
export const putAwaySource = endpoint('DELETE', '/api/sources/:id', { params: byId });

/** Stores choices, options and facts, as edits that were made on a revision; refused with `behind` as those of a piece. */
export const appendOutlineEdits = endpoint('POST', '/api/sources/:id/edits', {
  params: byId,
  body: entriesSchema(outlineEditSchema),
  answer: answer<{ rev: number }>(),
});

/** Fetches the pictures of the source that are not here yet. The words do not wait for them. */
export const fetchSourcePictures = endpoint('POST', '/api/sources/:id/pictures', {
  params: byId,
  answer: answer<StoredSource>(),
});

/** Adds an uploaded photo to the set. */
export const addPhoto = endpoint('POST', '/api/sources/:id/photos', {
  params: byId,
  body: Joi.object<BroughtPhoto>(broughtPhoto),
  answer: answer<{ photos: Photo[]; title: string; asset: ShelfEntryView | null }>(),
});

export const removePhotos = endpoint('DELETE', '/api/sources/:id/photos', {
  params: byId,
  body: Joi.object<{ ids: string[] }>({
    ids: Joi.array().items(Joi.string().max(40)).min(1).max(500).required(),
  }),
  answer: answer<{ photos: Photo[] }>(),
});

/** Pictures of the shelf that the outline's lines would get, by line; those of the source are not among them. */
export const nabOutline = endpoint('GET', '/api/sources/:id/nabbed', {
  params: byId,
  answer: answer<Record<string, ShelfEntryView>>(),
});

/** Makes the piece that the outline describes. */
export const makePiece = endpoint('POST', '/api/sources/:id/piece', {
  params: byId,
  status: 201,
  answer: answer<{ id: string }>(),
});
