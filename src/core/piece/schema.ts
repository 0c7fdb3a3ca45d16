import Joi from 'joi';
import { idSchema, patchOf, wholeOf } from './field.ts';
import { LIMITS } from './limits.ts';
import { PIECE_FIELDS, PIECE_VERSION, SCENE_FIELDS } from './types.ts';

export const sceneSchema = wholeOf(SCENE_FIELDS, { id: idSchema });
export const scenePatchSchema = patchOf(SCENE_FIELDS);
export const piecePatchSchema = patchOf(PIECE_FIELDS);

export const pieceSchema = wholeOf(PIECE_FIELDS, {
  version: Joi.number().valid(PIECE_VERSION),
  scenes: Joi.array().items(sceneSchema).max(LIMITS.scenes).unique('id'),
});

const index = Joi.number().integer().min(0).max(LIMITS.scenes).required();
const id = idSchema.required();

/** Every operation by its name. */
const OPS: Record<string, Record<string, Joi.Schema>> = {
  piece: { patch: piecePatchSchema.required() },
  scene: { id, patch: scenePatchSchema.required() },
  insert: { at: index, scene: sceneSchema.required() },
  remove: { id },
  move: { id, to: index },
};

const opSchema = Joi.alternatives().try(
  ...Object.entries(OPS).map(([op, values]) => Joi.object({ op: Joi.valid(op).required(), ...values })),
);

/** The one schema of an edit, wherever it comes from. */
export const editSchema = Joi.object({
  name: Joi.string()
    .pattern(/^[a-z][a-z-]{0,39}$/)
    .required(),
  count: Joi.number()
    .integer()
    .min(1)
    .max(LIMITS.scenes * 4)
    .optional(),
  merge: Joi.string().max(120).allow(null).required(),
  ops: Joi.array().items(opSchema).min(1).max(2000).required(),
});
