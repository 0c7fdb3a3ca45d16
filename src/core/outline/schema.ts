import Joi from 'joi';
import { LAYOUT_NAMES } from '../look/layouts.ts';
import { ANGLES } from './angles.ts';
import { CHOICES_VERSION, type OutlineChoices } from './types.ts';

const ref = Joi.string().max(80);
const words = Joi.string().allow('').max(5000);
const refs = Joi.array().items(ref).max(5000).required();

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
  edits: Joi.object()
    .pattern(
      ref,
      Joi.object({ shown: words, spoken: words.allow(null), layout: Joi.string().valid(...LAYOUT_NAMES) }),
    )
    .max(500)
    .required(),
  pictures: Joi.object().pattern(ref, ref.allow(null)).max(500).required(),
  leavePictures: refs,
  chapters: refs,
  closing: Joi.boolean().required(),
  photos: Joi.object({
    order: Joi.array().items(ref).max(500).allow(null).required(),
    leave: refs,
    length: Joi.string().valid('each', 'total').required(),
    eachMs: Joi.number().integer().min(500).max(60_000).required(),
    totalMs: Joi.number().integer().min(2000).max(3_600_000).required(),
    first: Joi.string().allow('').max(300).required(),
    last: Joi.string().allow('').max(300).required(),
  }).required(),
});
