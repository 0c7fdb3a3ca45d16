import Joi from 'joi';
import type { Format } from '../core/look/formats.ts';
import type { Changes } from '../core/piece/changes.ts';
import { formatSchema, idSchema, oneOf } from '../core/piece/field.ts';
import type { Piece } from '../core/piece/types.ts';
import { SPOKEN_LANGUAGES } from '../core/sound/voices.ts';
import { answer, byId, endpoint } from './endpoint.ts';
import type { ShelfEntryView } from './shelf.ts';

/** Where a piece lies. emptied: the bin was emptied with it in it, and it can still be taken back. */
export const PLACES = ['desk', 'away', 'bin', 'emptied'] as const;
export type Place = (typeof PLACES)[number];

export const DESK_ORDERS = ['changed', 'begun', 'title', 'length'] as const;
export type DeskOrder = (typeof DESK_ORDERS)[number];

/** How the writer files a piece. */
export interface Filing {
  /** One of the known states, or the writer's own word. */
  state: string;
  category: string;
  tags: string[];
}

export interface PieceSummary extends Filing {
  id: string;
  title: string;
  /** What is in it; null when the stored document cannot be read. */
  about: {
    format: Format;
    scenes: number;
    lengthMs: number;
    language: string;
    /** The first picture of the piece. */
    cover: ShelfEntryView | null;
  } | null;
  /** Words of the piece round what was looked for; null where that is in its title, or nothing was. */
  found: string | null;
  updatedAt: string;
}

/** Some of the pieces that are looked for. */
export interface PiecePage {
  pieces: PieceSummary[];
  /** Where the next page begins; null when this is the last. */
  next: string | null;
}

/** By what pieces can be chosen, with how many there are of each. */
export interface DeskFacets {
  states: { name: string; count: number }[];
  categories: { name: string; count: number }[];
  tags: { name: string; count: number }[];
  languages: { name: string; count: number }[];
  places: Record<Place, number>;
  /** Until when what was emptied last can be taken back; null when nothing was. */
  emptiedUntil: string | null;
}

/** Pieces on one page of the desk. */
export const PIECES_AT_ONCE = 60;
/** Pieces that are changed at once. */
const MANY = 1000;
/** Days for which an emptied bin can be taken back. */
export const EMPTIED_DAYS = 30;

const WORD = { state: 30, category: 60, tag: 40, tags: 20 } as const;
const word = (most: number) => Joi.string().trim().max(most);
const ids = Joi.array().items(idSchema).min(1).max(MANY).unique().required();

export interface DeskQuery {
  find: string;
  place: Place;
  state: string;
  category: string;
  tag: string;
  language: string;
  order: DeskOrder;
  after: string;
}

/** Pieces by what is in their titles, words and tags, and by how they are filed; empty: whatever it is. */
export const listPieces = endpoint('GET', '/api/pieces', {
  query: Joi.object<DeskQuery>({
    find: word(200).allow('').default(''),
    place: oneOf(PLACES).default('desk'),
    state: word(WORD.state).allow('').default(''),
    category: word(WORD.category).allow('').default(''),
    tag: word(WORD.tag).allow('').default(''),
    language: word(12).allow('').default(''),
    order: oneOf(DESK_ORDERS).default('changed'),
    after: Joi.string()
      .pattern(/^[A-Za-z0-9_-]{1,1200}$/)
      .allow('')
      .default(''),
  }),
  answer: answer<PiecePage>(),
});

export const deskFacets = endpoint('GET', '/api/desk', { answer: answer<DeskFacets>() });

export interface FilingChange {
  ids: string[];
  place?: 'desk' | 'away' | 'bin';
  state?: string;
  category?: string;
  addTags?: string[];
  removeTags?: string[];
}

const tags = Joi.array().items(word(WORD.tag).min(1).required()).max(WORD.tags).unique();

/** Files many pieces at once, or puts them elsewhere. Nothing is deleted by it. */
export const filePieces = endpoint('PATCH', '/api/desk/pieces', {
  body: Joi.object<FilingChange>({
    ids,
    place: oneOf(['desk', 'away', 'bin'] as const),
    state: word(WORD.state).min(1),
    category: word(WORD.category).allow(''),
    addTags: tags,
    removeTags: tags,
  }).or('place', 'state', 'category', 'addTags', 'removeTags'),
});

/** Copies pieces, as they are, or in another format, or with a voice for another language. */
export const copyPieces = endpoint('POST', '/api/desk/copies', {
  body: Joi.object<{ ids: string[]; format: Format | null; language: string | null }>({
    ids: Joi.array().items(idSchema).min(1).max(100).unique().required(),
    format: formatSchema().allow(null).default(null),
    language: oneOf(SPOKEN_LANGUAGES as readonly [string, ...string[]])
      .allow(null)
      .default(null),
  }),
  status: 201,
  answer: answer<{ ids: string[] }>(),
});

/** Empties the bin; what was in it can be taken back for EMPTIED_DAYS. */
export const emptyBin = endpoint('POST', '/api/desk/bin/empty', {
  answer: answer<{ count: number }>(),
});

/** Takes back what was in the bin when it was emptied. */
export const refillBin = endpoint('POST', '/api/desk/bin/refill', {
  answer: answer<{ count: number }>(),
});

/** A state of a piece that can be looked at and returned to. */
export interface KeptVersion {
  id: string;
  /** named: the writer kept it. sent: reviewers saw it. delivered: a video was made of it. */
  kind: 'named' | 'sent' | 'delivered';
  name: string;
  at: string;
  rev: number;
}

export const listVersions = endpoint('GET', '/api/pieces/:id/versions', {
  params: byId,
  answer: answer<{ title: string; rev: number; versions: KeptVersion[] }>(),
});

export const keepVersion = endpoint('POST', '/api/pieces/:id/versions', {
  params: byId,
  body: Joi.object<{ name: string }>({ name: word(80).min(1).required() }),
  status: 201,
  answer: answer<{ id: string }>(),
});

const byVersion = Joi.object<{ id: string; version: string }>({
  id: Joi.string().max(64).required(),
  version: Joi.string().max(64).required(),
});

/** A version beside the piece as it is. */
export interface ComparedVersion {
  version: KeptVersion;
  before: Piece;
  now: Piece;
  changes: Changes;
  /** Pictures of both that are not on the shipped shelf. */
  assets: ShelfEntryView[];
}

export const compareVersion = endpoint('GET', '/api/pieces/:id/versions/:version', {
  params: byVersion,
  answer: answer<ComparedVersion>(),
});

/** Leads the piece back to a version, as an edit like any other, which can be undone. */
export const returnToVersion = endpoint('POST', '/api/pieces/:id/versions/:version/return', {
  params: byVersion,
  answer: answer<{ rev: number }>(),
});

/** Takes the name from a state; the piece and its history stay. */
export const dropVersion = endpoint('DELETE', '/api/pieces/:id/versions/:version', { params: byVersion });
