import Joi from 'joi';
import { field, type Of, wholeOf } from './field.ts';
import { LIMITS } from './limits.ts';

/** A language by its two or three letters (ISO 639), such as "de". */
export const languageSchema = (): Joi.StringSchema => Joi.string().pattern(/^[a-z]{2,3}$/);

const words = () => Joi.string().allow('').max(LIMITS.textLength);
const TRANSLATION_FIELDS = {
  language: field<string>('en', languageSchema()),
  /** Words on the screen. */
  shown: field<string>('', words()),
  /** Words that are said, where they differ; null: as shown. */
  spoken: field<string | null>(null, words().allow(null)),
  /** The words that were translated, as they were then. */
  of: field<string>(
    '',
    Joi.string()
      .allow('')
      .max(2 * LIMITS.textLength + 1),
  ),
};
/** The words of a scene in another language. */
export type Translation = Of<typeof TRANSLATION_FIELDS>;
export const translationSchema = wholeOf(TRANSLATION_FIELDS);
