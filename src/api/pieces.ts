import Joi from 'joi';
import { PIECE_FILE_NAMES, type PieceFileName } from '../core/exchange/types.ts';
import { idSchema, oneOf } from '../core/piece/field.ts';
import { optionsSchema, type PieceOptions } from '../core/piece/options.ts';
import { editSchema, pieceSchema } from '../core/piece/schema.ts';
import type { SubtitleText } from '../core/piece/translate.ts';
import { languageSchema } from '../core/piece/translations.ts';
import type { Piece, Placement } from '../core/piece/types.ts';
import { SPLITS, type Split } from '../core/text/script.ts';
import type { TakeFact } from '../core/timeline/types.ts';
import { entriesSchema, type StoredEntry } from './edits.ts';
import { answer, byId, endpoint } from './endpoint.ts';
import type { ShelfEntryView } from './shelf.ts';

/** Everything that is stored of a piece, as it is stored: also of one that cannot be read. */
export interface ExportedPiece {
  id: string;
  title: string;
  rev: number;
  doc: unknown;
  edits: { seq: number; kind: string; version: number; ops: unknown; inverse: unknown; at: string }[];
}

/** A piece with all that is needed to go on with it. */
export interface LoadedPiece {
  id: string;
  piece: Piece;
  rev: number;
  history: StoredEntry[];
  takes: Record<string, TakeFact>;
  /** Pictures of the piece and its history that are not on the shipped shelf. */
  assets: ShelfEntryView[];
}

export const SCRIPT_LETTERS = 500_000;

/** A file that goes with the video of a piece as it is now. */
export const pieceFile = endpoint('GET', '/api/pieces/:id/files/:name', {
  params: Joi.object<{ id: string; name: PieceFileName }>({
    id: idSchema.required(),
    name: oneOf(PIECE_FILE_NAMES).required(),
  }),
  /** Of subtitles; as they are said where none is named. */
  query: Joi.object<{ language?: string }>({ language: languageSchema() }),
  answer: answer<Response>(),
});

/** The largest file of subtitles that is read, bytes: hours of them. */
export const LARGEST_SUBTITLES = 2_000_000;

/** Reads subtitles, or lines of words that have no times. */
export const readSubtitles = endpoint('PUT', '/api/subtitles', {
  body: { bytes: LARGEST_SUBTITLES },
  answer: answer<SubtitleText>(),
});

/** One zip with the newest deliveries, all files that go with them, and the media of the time line. */
export const pieceEverything = endpoint('GET', '/api/pieces/:id/everything', {
  params: byId,
  answer: answer<Response>(),
});

/** A piece with its history and its own material, for another installation. */
export const pieceBundle = endpoint('GET', '/api/pieces/:id/bundle', {
  params: byId,
  answer: answer<Response>(),
});

/** The largest bundle that is taken, bytes. */
export const LARGEST_BUNDLE = 300_000_000;

/** Takes a bundle in as a new piece. */
export const openBundle = endpoint('PUT', '/api/bundles', {
  body: { bytes: LARGEST_BUNDLE },
  status: 201,
  answer: answer<{ id: string }>(),
});

/** What is stored of a piece, to be kept as a file. */
export const exportPiece = endpoint('GET', '/api/pieces/:id/stored', {
  params: byId,
  answer: answer<ExportedPiece>(),
});

/** Pictures that may be laid beside a script. */
const MOST_BROUGHT = 200;

/**
 * Begins a piece with a script: cut, pictures nabbed; the voices follow one by one from the client. brought: own pictures
 * that were laid beside it, tried for its lines before all others.
 */
export const createPiece = endpoint('POST', '/api/pieces', {
  body: Joi.object<{ script: string; split: Split; brought: string[] } & PieceOptions>({
    /** May be empty where pictures speak for themselves. */
    script: Joi.string().trim().allow('').max(SCRIPT_LETTERS).required(),
    split: oneOf(SPLITS).required(),
    brought: Joi.array().items(Joi.string().max(64)).max(MOST_BROUGHT).unique().default([]),
  }).concat(optionsSchema as Joi.ObjectSchema),
  status: 201,
  answer: answer<{ id: string }>(),
});

export const getPiece = endpoint('GET', '/api/pieces/:id', { params: byId, answer: answer<LoadedPiece>() });

/** Stores entries that were made on a revision. Refused with `behind` and what came in between when others were faster. */
export const appendEdits = endpoint('POST', '/api/pieces/:id/edits', {
  params: byId,
  body: entriesSchema(editSchema),
  answer: answer<{ rev: number }>(),
});

/** Pictures for a piece as the client has it; what it takes over is an edit like any other. */
export const nabPictures = endpoint('POST', '/api/pieces/:id/nab', {
  params: byId,
  body: Joi.object<{ piece: Piece }>({ piece: pieceSchema.required() }),
  answer: answer<Record<string, Placement>>(),
});
