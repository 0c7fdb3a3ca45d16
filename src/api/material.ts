import Joi from 'joi';
import { oneOf } from '../core/piece/field.ts';
import { LIMITS } from '../core/piece/limits.ts';
import {
  type PieceVoice,
  recordedPartSchema,
  type Saying,
  sayingsSchema,
  trackSource,
  voiceSchema,
} from '../core/piece/types.ts';
import type { FoundLines } from '../core/sound/align/narration.ts';
import { type Milliseconds, SAMPLE_RATE } from '../core/time.ts';
import type { WantedTake } from '../core/timeline/keys.ts';
import type { TakeFact, TrackFact, WantedTrack } from '../core/timeline/types.ts';
import { answer, byId, endpoint } from './endpoint.ts';

/** The take of a text; the same question gives the same take, spoken once. */
export const askTake = endpoint('POST', '/api/takes', {
  body: Joi.object<Omit<WantedTake, 'key'>>({
    text: Joi.string()
      .trim()
      .max(LIMITS.textLength)
      .when('recorded', { is: null, otherwise: Joi.string().trim().allow('').max(LIMITS.textLength) })
      .required(),
    voice: voiceSchema.required(),
    says: sayingsSchema.required(),
    recorded: recordedPartSchema.allow(null).required(),
  }),
  answer: answer<TakeFact>(),
});

/** The largest recording that is taken, bytes: an hour of MP3 at 320 kbit/s and half an hour of WAV stay below. */
export const LARGEST_RECORDING = 200_000_000;

/** A recording that is kept: its name, its length, and from where to where somebody speaks. */
export interface Recording {
  id: string;
  lengthMs: Milliseconds;
  startMs: Milliseconds;
  endMs: Milliseconds;
}

/** Keeps a recording, in whatever form it comes. */
export const sendRecording = endpoint('PUT', '/api/recordings', {
  body: { bytes: LARGEST_RECORDING },
  answer: answer<Recording>(),
});

/** Where lines are heard in a recording of them all. */
export const findInRecording = endpoint('POST', '/api/recordings/:id/lines', {
  params: byId,
  body: Joi.object<{ lines: { text: string; voice: PieceVoice }[]; says: Saying[] }>({
    lines: Joi.array()
      .items(
        Joi.object({
          text: Joi.string().allow('').max(LIMITS.textLength).required(),
          voice: voiceSchema.required(),
        }),
      )
      .max(LIMITS.scenes)
      .required(),
    says: sayingsSchema.required(),
  }),
  answer: answer<FoundLines>(),
});

/** A recording as it is kept. */
export const recordingSound = endpoint('GET', '/media/recordings/:key', {
  params: Joi.object<{ key: string }>({ key: Joi.string().max(64).required() }),
  answer: answer<Response>(),
});

/** The track of a bed, composed or fitted to its length; the same question gives the same track, made once. */
export const askTrack = endpoint('POST', '/api/tracks', {
  body: Joi.object<Omit<WantedTrack, 'key'>>({
    source: trackSource.required(),
    lengthMs: Joi.number().integer().min(100).max(LIMITS.pieceMs).required(),
    steady: Joi.boolean().required(),
  }),
  answer: answer<TrackFact>(),
});

const word = Joi.object<{ word: string }>({ word: Joi.string().trim().min(1).max(80).required() });

/** The own word list of the spelling. */
export const listWords = endpoint('GET', '/api/words', { answer: answer<string[]>() });
export const addWord = endpoint('POST', '/api/words', { body: word });
export const removeWord = endpoint('DELETE', '/api/words', { body: word });

/** Answers when the database does and the sentence model is loaded. */
export const health = endpoint('GET', '/api/health', { answer: answer<{ pictures: number }>() });

const key = Joi.object<{ key: string }>({ key: Joi.string().max(64).required() });
const flag = Joi.string().allow('').max(4);

/** Files. */
export const takeSound = endpoint('GET', '/media/takes/:key', { params: key, answer: answer<Response>() });
export const trackSound = endpoint('GET', '/media/tracks/:key', { params: key, answer: answer<Response>() });
export const renderVideo = endpoint('GET', '/media/renders/:id', {
  params: byId,
  query: Joi.object<{ download?: string }>({ download: flag }),
  answer: answer<Response>(),
});

/** A picture of the shelf; ?thumb for the small one, ?blurred for the soft one, v is the content's hash. */
export const shelfPicture = endpoint('GET', '/media/shelf/:id/:view', {
  params: Joi.object<{ id: string; view: 'wide' | 'tall' }>({
    id: Joi.string().max(64).required(),
    view: oneOf(['wide', 'tall']).required(),
  }),
  query: Joi.object<{ thumb?: string; blurred?: string; v?: string }>({
    thumb: flag,
    blurred: flag,
    v: Joi.string().max(64),
  }),
  answer: answer<Response>(),
});

/** A picture that was brought in, or the poster of a clip; ?thumb for the small one. Its id is its content. */
export const assetPicture = endpoint('GET', '/media/assets/:id', {
  params: byId,
  query: Joi.object<{ thumb?: string }>({ thumb: flag }),
  answer: answer<Response>(),
});

/** Has the own sound of a clip's part made; the same question gives the same sound, made once. */
export const askClipSound = endpoint('POST', '/api/clip-sounds', {
  body: Joi.object<{ assetId: string; inMs: number; speed: number; samples: number }>({
    assetId: Joi.string().max(64).required(),
    inMs: Joi.number().min(0).max(LIMITS.clipMs).required(),
    speed: Joi.number().min(0.25).max(4).required(),
    samples: Joi.number()
      .integer()
      .min(1)
      .max((LIMITS.maxSceneMs / 1000) * SAMPLE_RATE)
      .required(),
  }),
  answer: answer<{ key: string }>(),
});
export const clipSound = endpoint('GET', '/media/sounds/:key', { params: key, answer: answer<Response>() });

export const ASSET_PARTS = ['proxy', 'clip', 'strip', 'blurred'] as const;

/** Further files of a picture or clip that was brought in: its copy for playing, its own file, its film strip, its blurred copy. */
export const assetPart = endpoint('GET', '/media/assets/:id/:part', {
  params: Joi.object<{ id: string; part: (typeof ASSET_PARTS)[number] }>({
    id: Joi.string().max(64).required(),
    part: oneOf(ASSET_PARTS).required(),
  }),
  answer: answer<Response>(),
});
