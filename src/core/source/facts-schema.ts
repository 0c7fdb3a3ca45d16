import Joi from 'joi';
import { FACT_ORIGINS, type FactSheet } from './types.ts';

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
