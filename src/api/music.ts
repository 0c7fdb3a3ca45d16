import Joi from 'joi';
import { LICENCES, type Licence } from '../core/exchange/credits.ts';
import { oneOf } from '../core/piece/field.ts';
import type { Milliseconds } from '../core/time.ts';
import type { OwnTrackFact } from '../core/timeline/types.ts';
import { answer, byId, endpoint } from './endpoint.ts';

/** The largest track that is taken, bytes: twenty minutes of WAV, hours of MP3. */
export const LARGEST_TRACK = 220_000_000;

/** A track that somebody brought. */
export interface OwnTrack extends OwnTrackFact {
  id: string;
  title: string;
  /** Who is to be named, as they want it; may be empty. */
  credit: string;
  licence: Licence;
  favourite: boolean;
  /** Put away: not offered any more, and kept by the pieces that use it. */
  archived: boolean;
  /** To where its sound ends. */
  lengthMs: Milliseconds;
  /** BPM. */
  tempo: number;
  /** For drawing: the largest value of each of some hundred equal parts, 0 to 1. */
  wave: number[];
}

/** Keeps a track, in whatever form it comes, and finds its beats; the same one is kept once. */
export const sendTrack = endpoint('PUT', '/api/music', {
  query: Joi.object<{ name: string }>({ name: Joi.string().trim().max(200).allow('').default('') }),
  body: { bytes: LARGEST_TRACK },
  answer: answer<OwnTrack>(),
});

/** All tracks that were brought, also those that were put away, the newest first. */
export const listTracks = endpoint('GET', '/api/music', { answer: answer<OwnTrack[]>() });

export interface TrackChange {
  title?: string;
  credit?: string;
  licence?: Licence;
  favourite?: boolean;
  /** Pieces that use it keep it. */
  archived?: boolean;
}

export const changeTrack = endpoint('PATCH', '/api/music/:id', {
  params: byId,
  body: Joi.object<TrackChange>({
    title: Joi.string().trim().min(1).max(200),
    credit: Joi.string().trim().allow('').max(300),
    licence: oneOf(LICENCES),
    favourite: Joi.boolean(),
    archived: Joi.boolean(),
  }).min(1),
});

/** A track as it came. */
export const ownTrackSound = endpoint('GET', '/media/music/:id', {
  params: byId,
  answer: answer<Response>(),
});
