import Joi from 'joi';
import { CHOSEN_FAMILIES, type FamilyName } from '../look/families.ts';
import type { Format } from '../look/formats.ts';
import { LOOK_NAMES, type LookName } from '../look/looks.ts';
import { REVEAL_KINDS, REVEAL_ORDERS, type RevealKind, type RevealOrder } from '../look/reveals.ts';
import { TRANSITION_KINDS, type TransitionKind } from '../look/transitions.ts';
import { ALIGNS, type Align } from '../look/types.ts';
import type { Milliseconds } from '../time.ts';
import { colour, field, firstOf, formatSchema, type Of, oneOf, share } from './field.ts';
import { LIMITS } from './limits.ts';

export const TRANSITION_FIELDS = {
  kind: field<TransitionKind>('dissolve', oneOf(TRANSITION_KINDS)),
  lengthMs: field<Milliseconds>(333, Joi.number().integer().min(0).max(LIMITS.transitionMs)),
};
/** How the scene before gives way to this one. */
export type BorderTransition = Of<typeof TRANSITION_FIELDS>;

/** What words stand on: nothing, a strip under each line, one panel, a shade of the picture, or an outline round the letters. */
export const GROUNDS = ['none', 'strip', 'panel', 'shade', 'outline'] as const;
export type Ground = (typeof GROUNDS)[number];

/** How words that the writer stresses are told from others: by their colour, a plate behind them, or a stroke along their foot. */
export const STRESSES = ['colour', 'plate', 'stroke', 'weight'] as const;
export type Stress = (typeof STRESSES)[number];

/** Where words stand: the middle of the block and its width, in shares of the stage; null as wide as the look has it. */
export interface Place {
  x: number;
  y: number;
  width: number | null;
}

const placeSchema = Joi.object({
  x: share().required(),
  y: share().required(),
  width: Joi.number().min(0.1).max(1).allow(null).required(),
});

/** A value that is null as long as it is as the look has it. */
const change = <T>(schema: Joi.Schema) => field<T | null>(null, schema.allow(null));

export const STYLE_FIELDS = {
  /** How words come; after so long, and how long that takes. */
  reveal: change<RevealKind>(oneOf(REVEAL_KINDS)),
  delayMs: change<Milliseconds>(Joi.number().integer().min(0).max(LIMITS.revealMs)),
  revealMs: change<Milliseconds>(Joi.number().integer().min(0).max(LIMITS.revealMs)),
  /** By how much later the small part comes: who says it, what a figure counts. */
  restDelayMs: change<Milliseconds>(Joi.number().integer().min(0).max(LIMITS.revealMs)),
  /** Which line comes first; and by how long before their scene the words are gone. */
  order: change<RevealOrder>(oneOf(REVEAL_ORDERS)),
  goneMs: change<Milliseconds>(Joi.number().integer().min(0).max(LIMITS.revealMs)),
  /** Words that the voice has not come to yet can be seen faintly. */
  ahead: change<boolean>(Joi.boolean()),
  family: change<FamilyName>(oneOf(CHOSEN_FAMILIES)),
  /** 100 to 900. */
  weight: change<number>(Joi.number().integer().min(100).max(900)),
  italic: change<boolean>(Joi.boolean()),
  /** In capitals. */
  upper: change<boolean>(Joi.boolean()),
  /** Times the size of the look, 0.4 to 2.5. */
  size: change<number>(Joi.number().min(0.4).max(2.5)),
  /** Between letters, and height of a line, in font sizes. */
  tracking: change<number>(Joi.number().min(-0.1).max(0.6)),
  leading: change<number>(Joi.number().min(0.8).max(2.5)),
  colour: change<string>(colour()),
  ground: change<Ground>(oneOf(GROUNDS)),
  groundColour: change<string>(colour()),
  stress: change<Stress>(oneOf(STRESSES)),
  stressColour: change<string>(colour()),
  align: change<Align>(oneOf(ALIGNS)),
  /** By format. */
  places: change<Partial<Record<Format, Place>>>(
    Joi.object().pattern(formatSchema(), placeSchema).max(LIMITS.places),
  ),
};
/** What differs from the look; null: nothing. */
export type Style = Of<typeof STYLE_FIELDS>;
export const AS_THE_LOOK: Style = firstOf(STYLE_FIELDS);

export const SCENE_LOOK_FIELDS = {
  ...STYLE_FIELDS,
  /** A look of its own. */
  look: change<LookName>(oneOf(LOOK_NAMES)),
};
/** Where a scene differs from the piece; exceptions stay when the look of the piece is changed. */
export type SceneLook = Of<typeof SCENE_LOOK_FIELDS>;
export const AS_THE_PIECE: SceneLook = firstOf(SCENE_LOOK_FIELDS);
