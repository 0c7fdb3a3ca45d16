import Joi from 'joi';
import { FORMATS, LAYOUTS, MOODS, PIECE_VERSION, type Piece } from './types.ts';

const id = Joi.string().pattern(/^[A-Za-z0-9_-]{1,64}$/);
const words = Joi.string().allow('').max(5000);

export const LIMITS = {
  scenes: 500,
  textLength: 5000,
  titleLength: 200,
  minSceneMs: 300,
  maxSceneMs: 600_000,
} as const;

export const pictureSchema = Joi.object({
  assetId: id.required(),
  by: Joi.string().valid('nab', 'writer').required(),
  reason: Joi.string().allow('').max(500).required(),
  confidence: Joi.number().min(0).max(1).required(),
  found: Joi.array().items(Joi.string().max(100)).max(20).required(),
  alternatives: Joi.array()
    .items(Joi.object({ assetId: id.required(), reason: Joi.string().allow('').max(500).required() }))
    .max(20)
    .required(),
});

const sceneFields = {
  layout: Joi.string().valid(...LAYOUTS),
  shown: words,
  spoken: words.allow(null),
  wish: Joi.string().allow('').max(300),
  picture: pictureSchema.allow(null),
  durationMs: Joi.number().integer().min(LIMITS.minSceneMs).max(LIMITS.maxSceneMs).allow(null),
};

export const sceneSchema = Joi.object({ id: id.required(), ...sceneFields }).options({
  presence: 'required',
});
export const scenePatchSchema = Joi.object(sceneFields).min(1);

const pieceFields = {
  title: Joi.string().allow('').max(LIMITS.titleLength),
  format: Joi.string().valid(...FORMATS),
  voice: Joi.object({ name: Joi.string().max(40).required(), pace: Joi.number().min(0.5).max(2).required() }),
  music: Joi.object({
    mood: Joi.string()
      .valid(...MOODS)
      .required(),
    seed: Joi.number().integer().min(0).max(1_000_000).required(),
    gainDb: Joi.number().min(-30).max(12).required(),
  }),
  captions: Joi.boolean(),
};

export const piecePatchSchema = Joi.object(pieceFields).min(1);

export const pieceSchema = Joi.object<Piece>({
  version: Joi.number().valid(PIECE_VERSION),
  ...pieceFields,
  scenes: Joi.array().items(sceneSchema).max(LIMITS.scenes).unique('id'),
}).options({ presence: 'required' });

const opSchema = Joi.alternatives().try(
  Joi.object({ op: Joi.valid('piece').required(), patch: piecePatchSchema.required() }),
  Joi.object({ op: Joi.valid('scene').required(), id: id.required(), patch: scenePatchSchema.required() }),
  Joi.object({
    op: Joi.valid('insert').required(),
    at: Joi.number().integer().min(0).max(LIMITS.scenes).required(),
    scene: sceneSchema.required(),
  }),
  Joi.object({ op: Joi.valid('remove').required(), id: id.required() }),
  Joi.object({
    op: Joi.valid('move').required(),
    id: id.required(),
    to: Joi.number().integer().min(0).max(LIMITS.scenes).required(),
  }),
);

/** The one schema of an edit, wherever it comes from. */
export const editSchema = Joi.object({
  label: Joi.string().min(1).max(120).required(),
  ops: Joi.array().items(opSchema).min(1).max(2000).required(),
});
