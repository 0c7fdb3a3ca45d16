import Joi from 'joi';
import { SOURCE_KINDS } from '../source/types.ts';
import { FORMATS, GRADES, LAYOUTS, MOODS, MOVES, PIECE_VERSION, type Piece } from './types.ts';

const id = Joi.string().pattern(/^[A-Za-z0-9_-]{1,64}$/);
const words = Joi.string().allow('').max(5000);

export const LIMITS = {
  scenes: 500,
  textLength: 5000,
  titleLength: 200,
  minSceneMs: 300,
  maxSceneMs: 600_000,
  /** Pictures in one scene. */
  pictures: 12,
  zoom: 8,
  /** A clip of two hours, and some. */
  clipMs: 4 * 3_600_000,
} as const;

const share = Joi.number().min(0).max(1).required();
const colour = Joi.string().pattern(/^#[0-9a-f]{6}$/);
const aims = Joi.array()
  .items(Joi.object({ x: share, y: share, zoom: Joi.number().min(1).max(LIMITS.zoom).required() }))
  .min(1)
  .max(2);
const framingSchema = Joi.object({
  fit: Joi.string().valid('fill', 'whole').required(),
  surround: Joi.alternatives(Joi.valid('blur'), colour).required(),
  move: Joi.string()
    .valid(...MOVES)
    .required(),
  aims: Joi.object({ wide: aims.optional(), tall: aims.optional() }).required(),
});
const moment = Joi.number().integer().min(0).max(LIMITS.clipMs);
const clipSchema = Joi.object({
  inMs: moment.required(),
  outMs: moment.allow(null).required(),
  speed: Joi.number().min(0.25).max(4).required(),
  gainDb: Joi.number().min(-40).max(12).allow(null).required(),
  end: Joi.string().valid('loop', 'hold').required(),
}).custom((part, helpers) =>
  part.outMs !== null && part.outMs <= part.inMs
    ? helpers.message({ custom: 'The part of the clip ends before it begins.' })
    : part,
);
const useFields = {
  assetId: id.required(),
  framing: framingSchema.allow(null).required(),
  clip: clipSchema.allow(null).required(),
};
const treatmentSchema = Joi.object({
  grade: Joi.string()
    .valid(...GRADES)
    .required(),
  strength: share,
  grain: share,
  dust: share,
  leak: share,
  opacity: Joi.number().min(0.1).max(1).required(),
  behind: colour.required(),
});

export const pictureSchema = Joi.object({
  ...useFields,
  by: Joi.string().valid('nab', 'source', 'writer').required(),
  reason: Joi.string().allow('').max(500).required(),
  confidence: Joi.number().min(0).max(1).required(),
  found: Joi.array().items(Joi.string().max(100)).max(20).required(),
  alternatives: Joi.array()
    .items(Joi.object({ assetId: id.required(), reason: Joi.string().allow('').max(500).required() }))
    .max(20)
    .required(),
});

const spanEnd = Joi.number().integer().min(0).max(5000);

const sceneFields = {
  layout: Joi.string().valid(...LAYOUTS),
  shown: words,
  marks: Joi.array().items(Joi.array().ordered(spanEnd.required(), spanEnd.required())).max(100),
  spoken: words.allow(null),
  wish: Joi.string().allow('').max(300),
  picture: pictureSchema.allow(null),
  more: Joi.array()
    .items(Joi.object(useFields))
    .max(LIMITS.pictures - 1),
  runsOn: Joi.boolean(),
  treatment: treatmentSchema.allow(null),
  durationMs: Joi.number().integer().min(LIMITS.minSceneMs).max(LIMITS.maxSceneMs).allow(null),
  from: Joi.object({ ref: Joi.string().max(80).required(), text: words.required() }).allow(null),
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
  source: Joi.object({
    id: id.allow(null).required(),
    kind: Joi.string()
      .valid(...SOURCE_KINDS)
      .required(),
    title: Joi.string().allow('').max(500).required(),
  }).allow(null),
  targetMs: Joi.number().integer().min(1000).max(3_600_000).allow(null),
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
