import Joi from 'joi';
import { isFormat } from '../look/formats.ts';

/**
 * A field of a stored document, declared once: what it may hold, and what it holds at first. Types, schemas, defaults and
 * the empty document are made from tables of these.
 */
export interface Field<T> {
  schema: Joi.Schema;
  first: T;
}

export type Fields = Record<string, Field<unknown>>;

/** The type of what a table describes. */
export type Of<F extends Fields> = { -readonly [K in keyof F]: F[K] extends Field<infer T> ? T : never };

/** Documents share what their fields hold at first, so it cannot be changed in place. */
export const field = <T>(first: T, schema: Joi.Schema): Field<T> => ({
  first: Object.freeze(first) as T,
  schema,
});

/** What a table holds at first. */
export const firstOf = <F extends Fields>(fields: F): Of<F> =>
  Object.fromEntries(Object.entries(fields).map(([k, f]) => [k, f.first])) as Of<F>;

const schemasOf = (fields: Fields): Record<string, Joi.Schema> =>
  Object.fromEntries(Object.entries(fields).map(([k, f]) => [k, f.schema]));

/** A whole of the table: every field must be there. more: fields that have no first value, such as an id. */
export const wholeOf = (fields: Fields, more: Record<string, Joi.Schema> = {}): Joi.ObjectSchema =>
  Joi.object(
    Object.fromEntries(Object.entries({ ...more, ...schemasOf(fields) }).map(([k, s]) => [k, s.required()])),
  );

/** A change of some fields of the table, at least one. */
export const patchOf = (fields: Fields): Joi.ObjectSchema => Joi.object(schemasOf(fields)).min(1);

/** Proportions, offered or the writer's own. */
export const formatSchema = (): Joi.StringSchema =>
  Joi.string()
    .custom((text: string, helpers) => (isFormat(text) ? text : helpers.error('format')))
    .messages({
      format:
        '{{#label}} must be two whole numbers in lowest terms like 3:2, neither more than three times the other',
    });

/** One of a list of names. */
export const oneOf = (names: readonly string[]): Joi.StringSchema => Joi.string().valid(...names);

/** A share from 0 to 1. */
export const share = (): Joi.NumberSchema => Joi.number().min(0).max(1);
export const colour = (): Joi.StringSchema => Joi.string().pattern(/^#[0-9a-f]{6}$/);
/** Of a scene, a picture, a source or a bed. */
export const idSchema = Joi.string().pattern(/^[A-Za-z0-9_-]{1,64}$/);
