import Joi from 'joi';

/** Why a sentence or a fact became a line, or counts little. What a code means in words is said by the interface. */
export const LINE_REASONS = [
  // Of the sentence itself.
  'early',
  'central',
  'title-words',
  'figure',
  'said',
  'leans',
  'cannot-stand',
  'too-long',
  // Of a product's script.
  'yours-to-name',
  'name',
  'names-trouble',
  'review-question',
  'no-critical-word',
  'angle',
  'maker',
  'no-maker',
  'no-description',
  'both-prices',
  'no-lower-price',
  'name-and-maker',
  'not-said',
  'feature',
  'review-of-trouble',
  'good-review',
  'best-review',
  'critical-review',
  'another-good-review',
  'rating',
  'description',
  'no-price',
  'price',
  'closing-card',
  'variants',
  'availability',
  'no-last-day',
  'last-day',
  // Of an outline.
  'names-source',
  'no-capture-time',
] as const;

export type LineReason =
  | { code: (typeof LINE_REASONS)[number] }
  /** When a photo was taken, local time as the camera wrote it. */
  | { code: 'taken'; at: string }
  /** An earlier version said so in these words. */
  | { code: 'told'; text: string };

export const because = (code: (typeof LINE_REASONS)[number]): LineReason => ({ code });

export const has = (reasons: readonly LineReason[] | undefined, code: LineReason['code']): boolean =>
  reasons?.some((r) => r.code === code) ?? false;

export const lineReasonSchema = Joi.alternatives().try(
  Joi.object({ code: Joi.valid(...LINE_REASONS).required() }),
  Joi.object({ code: Joi.valid('taken').required(), at: Joi.string().max(40).required() }),
  Joi.object({ code: Joi.valid('told').required(), text: Joi.string().max(500).required() }),
);
