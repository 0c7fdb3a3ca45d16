import Joi from 'joi';
import { LAYOUTS } from '../piece/types.ts';
import type { FactSheet } from '../source/types.ts';
import { FACT_ORIGINS } from '../source/types.ts';
import { ANGLES } from './angles.ts';
import type { OutlineChoices } from './types.ts';

const ref = Joi.string().max(80);
const words = Joi.string().allow('').max(5000);
const refs = Joi.array().items(ref).max(5000).required();

/** The one schema of an outline's choices, wherever they come from. */
export const choicesSchema = Joi.object<OutlineChoices>({
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
      Joi.object({ shown: words, spoken: words.allow(null), layout: Joi.string().valid(...LAYOUTS) }),
    )
    .max(500)
    .required(),
  pictures: Joi.object().pattern(ref, ref.allow(null)).max(500).required(),
  leavePictures: refs,
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

const fact = (value: Joi.Schema) =>
  Joi.object({
    value: value.required(),
    origin: Joi.string()
      .valid(...FACT_ORIGINS)
      .required(),
  });
const line = Joi.string().max(2000);
const price = Joi.object({
  amount: Joi.number().min(0).max(1e12).required(),
  currency: Joi.string().allow('').max(8).required(),
  text: Joi.string().max(60).required(),
});

/** The one schema of a fact sheet. */
export const factsSchema = Joi.object<FactSheet>({
  name: fact(line).allow(null).required(),
  maker: fact(line).allow(null).required(),
  price: fact(price).allow(null).required(),
  was: fact(price).allow(null).required(),
  until: fact(line).allow(null).required(),
  rating: fact(
    Joi.object({
      value: Joi.number().min(0).required(),
      best: Joi.number().min(1).required(),
      count: Joi.number().min(0).allow(null).required(),
    }),
  )
    .allow(null)
    .required(),
  availability: fact(line).allow(null).required(),
  description: fact(Joi.string().max(20_000)).allow(null).required(),
  features: Joi.array().items(fact(line)).max(60).required(),
  variants: Joi.array().items(fact(line)).max(100).required(),
  quotes: Joi.array()
    .items(
      fact(
        Joi.object({
          text: line.required(),
          by: Joi.string().allow('').max(200).required(),
          rating: Joi.number().allow(null).required(),
        }),
      ),
    )
    .max(40)
    .required(),
});
