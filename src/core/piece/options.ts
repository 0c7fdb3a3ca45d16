import Joi from 'joi';
import type { Format } from '../look/formats.ts';
import { MOOD_NAMES } from '../music/moods.ts';
import { type AskedMood, SUITED_MUSIC } from '../music/suited.ts';
import { DEFAULT_VOICE, isVoiceName, VOICES } from '../sound/voices.ts';
import { formatSchema, oneOf } from './field.ts';

/** What a piece will be besides its words. */
export interface PieceOptions {
  format: Format;
  voice: string;
  /** null for no music. */
  mood: AskedMood;
}

/** What a piece will be when nobody has chosen. */
export const FIRST_OPTIONS: PieceOptions = { format: '9:16', voice: DEFAULT_VOICE, mood: SUITED_MUSIC };

export const optionsSchema = Joi.object<PieceOptions>({
  format: formatSchema().required(),
  voice: Joi.string()
    .max(80)
    .custom((name: string, helpers) => (isVoiceName(name) ? name : helpers.error('any.only')))
    .messages({
      'any.only': `"voice" must be one of [${VOICES.map((v) => v.name).join(', ')}], or another voice by its name`,
    })
    .required(),
  mood: oneOf([...MOOD_NAMES, SUITED_MUSIC])
    .allow(null)
    .required(),
});
