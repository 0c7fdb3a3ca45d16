import Joi from 'joi';
import { factsSchema } from './facts-schema.ts';
import { SOURCE_KINDS } from './kinds.ts';
import { lineReasonSchema } from './reasons.ts';
import { LEFT_OUT, PASSAGE_KINDS, SOURCE_FORMS, SOURCE_VERSION, type Source } from './types.ts';

const text = (most: number) => Joi.string().allow('').max(most);
const id = Joi.string().max(80);
const one = (names: readonly string[]) => Joi.string().valid(...names);
/** Codes with values; which ones there are is said by the types, since nothing is decided by them. */
const coded = Joi.object({ code: Joi.string().max(40).required() }).unknown();
const count = Joi.number().integer().min(0);

const sentence = Joi.object({ id, text: text(200_000) });

/** The one schema of a stored source. */
export const sourceSchema = Joi.object<Source>({
  version: Joi.valid(SOURCE_VERSION),
  kind: one(SOURCE_KINDS),
  form: Joi.object({
    kind: one(SOURCE_FORMS).required(),
    count: count.optional(),
    text: text(500).optional(),
  }),
  title: text(2000),
  author: text(2000),
  date: text(200),
  site: text(500),
  address: Joi.string().max(4000).allow(null),
  language: text(40),
  passages: Joi.array().items(
    Joi.object({
      id,
      kind: one(PASSAGE_KINDS),
      level: count.max(6),
      sentences: Joi.array().items(sentence),
    }),
  ),
  chapters: Joi.array().items(Joi.object({ id, title: text(1000), start: count, end: count })),
  pictures: Joi.array().items(
    Joi.object({
      id,
      address: Joi.string().max(10_000_000).allow(null),
      assetId: Joi.string().max(64).allow(null),
      alt: text(20_000),
      caption: text(20_000),
      after: id.allow(null),
      problem: coded.allow(null),
    }),
  ),
  facts: factsSchema.allow(null),
  photos: Joi.array().items(
    Joi.object({
      id,
      assetId: Joi.string().max(64),
      name: text(1000),
      bytes: count,
      modifiedMs: count,
      takenAt: Joi.string().max(40).allow(null),
      width: count,
      height: count,
      differenceHash: Joi.string().hex().length(16),
      sharpness: Joi.number().min(0),
    }),
  ),
  left: Joi.array().items(Joi.object({ text: text(1000), why: one(LEFT_OUT) })),
  notes: Joi.array().items(coded),
  sentences: Joi.object().pattern(
    id,
    Joi.object({
      line: text(2000),
      spoken: text(200_000),
      score: Joi.number().min(0),
      reasons: Joi.array().items(lineReasonSchema),
    }),
  ),
}).options({ presence: 'required' });
