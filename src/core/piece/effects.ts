import Joi from 'joi';
import { EFFECT_NAMES, type EffectName } from '../sound/effects.ts';
import type { Decibels } from '../time.ts';
import { field, firstOf, type Of, oneOf, wholeOf } from './field.ts';

const EFFECT_FIELDS = {
  name: field<EffectName | 'none'>('none', oneOf([...EFFECT_NAMES, 'none'] as const)),
  /** Added to its own level, dB. */
  gainDb: field<Decibels>(0, Joi.number().min(-24).max(12)),
};
/** A short sound with which a scene begins. */
export type SceneEffect = Of<typeof EFFECT_FIELDS>;
export const sceneEffectSchema = wholeOf(EFFECT_FIELDS);
export const newEffect = (name: SceneEffect['name']): SceneEffect => ({ ...firstOf(EFFECT_FIELDS), name });

/** What is heard on the borders of a piece. */
export const BORDER_SOUNDS = ['none', 'fitting', ...EFFECT_NAMES] as const;
export type BorderSound = (typeof BORDER_SOUNDS)[number];
