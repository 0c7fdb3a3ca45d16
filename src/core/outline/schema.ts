import Joi from 'joi';
import { LAYOUT_NAMES } from '../look/layouts.ts';
import { ANGLES } from './angles.ts';
import { CHOICES_VERSION, type OutlineChoices } from './types.ts';

/** References in one list, and lines that are changed by hand, at most. */
export const REFS = 5000;
export const LINES_BY_HAND = 500;

/** Of a line, a sentence, a picture, a photo or a chapter. */
export const refSchema = Joi.string().max(80);
const words = Joi.string().allow('').max(5000);
const refs = Joi.array().items(refSchema).max(REFS).required();
export const lineEditSchema = Joi.object({
  shown: words,
  spoken: words.allow(null),
  layout: Joi.string().valid(...LAYOUT_NAMES),
});
export const pictureRefSchema = refSchema.allow(null);

/** The one schema of an outline's choices, wherever they come from. */
export const choicesSchema = Joi.object<OutlineChoices>({
  version: Joi.valid(CHOICES_VERSION).required(),
  targetMs: Joi.number().integer().min(3000).max(3_600_000).allow(null).required(),
  speak: Joi.string().valid('line', 'sentence').required(),
  angle: Joi.string()
    .valid(...ANGLES)
    .required(),
  keep: refs,
  drop: refs,
  edits: Joi.object().pattern(refSchema, lineEditSchema).max(LINES_BY_HAND).required(),
  pictures: Joi.object().pattern(refSchema, pictureRefSchema).max(LINES_BY_HAND).required(),
  leavePictures: refs,
  chapters: refs,
  closing: Joi.boolean().required(),
  photos: Joi.object({
    order: Joi.array().items(refSchema).max(500).allow(null).required(),
    leave: refs,
    length: Joi.string().valid('each', 'total').required(),
    eachMs: Joi.number().integer().min(500).max(60_000).required(),
    totalMs: Joi.number().integer().min(2000).max(3_600_000).required(),
    first: Joi.string().allow('').max(300).required(),
    last: Joi.string().allow('').max(300).required(),
  }).required(),
});
