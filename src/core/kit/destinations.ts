import Joi from 'joi';
import type { Format } from '../look/formats.ts';
import { field, formatSchema, idSchema, type Of, oneOf, wholeOf } from '../piece/field.ts';
import type { Milliseconds } from '../time.ts';

/** How the words of a post sound: by facts, by what is addressed to the reader, by people and what they say. */
export const POST_TONES = ['plain', 'inviting', 'personal'] as const;
export type PostTone = (typeof POST_TONES)[number];

const DESTINATION_FIELDS = {
  name: field<string>('', Joi.string().trim().min(1).max(60)),
  /** The format that is wanted there; null when any is taken. */
  format: field<Format | null>(null, formatSchema().allow(null)),
  /** The longest video that is taken; null when there is no such limit. */
  longestMs: field<Milliseconds | null>(null, Joi.number().integer().min(1000).max(36_000_000).allow(null)),
  /** Letters that a post may have, with its hashtags. */
  letters: field<number>(500, Joi.number().integer().min(40).max(20_000)),
  /** Hashtags at the end of a post, at most. */
  hashtags: field<number>(3, Joi.number().integer().min(0).max(15)),
  emoji: field<boolean>(false, Joi.boolean()),
  tone: field<PostTone>('plain', oneOf(POST_TONES)),
};

/** Where posts go, and what is wanted there. */
export type Destination = { id: string } & Of<typeof DESTINATION_FIELDS>;
export const destinationsSchema = Joi.array<Destination[]>()
  .items(wholeOf(DESTINATION_FIELDS, { id: idSchema }))
  .min(1)
  .max(30)
  .unique('id')
  .required();

/** What there is before anybody has said where posts go. */
export const FIRST_DESTINATIONS: readonly Destination[] = [
  {
    ...{ id: 'tall', name: 'Tall clips', format: '9:16', longestMs: 60_000 },
    ...{ letters: 150, hashtags: 3, emoji: true, tone: 'inviting' },
  },
  {
    ...{ id: 'feed', name: 'Picture feed', format: '4:5', longestMs: 90_000 },
    ...{ letters: 600, hashtags: 5, emoji: true, tone: 'personal' },
  },
  {
    ...{ id: 'page', name: 'Video page', format: '16:9', longestMs: null },
    ...{ letters: 2000, hashtags: 3, emoji: false, tone: 'plain' },
  },
  {
    ...{ id: 'letter', name: 'Newsletter', format: null, longestMs: null },
    ...{ letters: 900, hashtags: 0, emoji: false, tone: 'plain' },
  },
];
