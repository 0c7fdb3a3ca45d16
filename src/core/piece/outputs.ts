import Joi from 'joi';
import { DELIVERY_KIND_NAMES, type DeliveryKindName } from '../deliver/kinds.ts';
import { LOUDNESS_VALUES, type Loudness } from '../deliver/loudness.ts';
import type { Format } from '../look/formats.ts';
import { HEIGHTS, type Height } from '../timeline/heights.ts';
import { field, firstOf, formatSchema, idSchema, type Of, oneOf, wholeOf } from './field.ts';
import { LIMITS } from './limits.ts';
import { languageSchema } from './translations.ts';

const DELIVERY_FIELDS = {
  kind: field<DeliveryKindName>('mp4', oneOf(DELIVERY_KIND_NAMES)),
  /** null: as the piece is. */
  format: field<Format | null>(null, formatSchema().allow(null)),
  /** Lines of the short side. */
  height: field<Height>(1080, Joi.valid(...HEIGHTS)),
  /** Words of caption scenes are in the picture. */
  captions: field<boolean>(true, Joi.boolean()),
  /** Of the words in the picture, as two letters; null: as they are written. */
  language: field<string | null>(null, languageSchema().allow(null)),
  /** LUFS. */
  loudness: field<Loudness>(-14, Joi.valid(...LOUDNESS_VALUES)),
  /** What its file is called, with {title}, {format}, {lines}, {date}; empty as ever. */
  name: field<string>('', Joi.string().allow('').max(LIMITS.nameLength)),
};
/** One wanted output. */
export type Delivery = { id: string } & Of<typeof DELIVERY_FIELDS>;
export const newDelivery = (id: string): Delivery => ({ id, ...firstOf(DELIVERY_FIELDS) });
export const deliverySchema = wholeOf(DELIVERY_FIELDS, { id: idSchema });

const ownWords = (most: number) => Joi.string().allow('').max(most).allow(null);
const KIT_FIELDS = {
  /** The destination, by id. */
  destination: field<string>('', idSchema),
  /** Which of the machine's proposals, from 0. */
  variant: field<number>(0, Joi.number().integer().min(0).max(999)),
  /** What the writer made of them; null as proposed. */
  headline: field<string | null>(null, ownWords(300)),
  post: field<string | null>(null, ownWords(20_000)),
  summary: field<string | null>(null, ownWords(3000)),
  alternative: field<string | null>(null, ownWords(1000)),
};
/** The texts that go with the video to one destination. */
export type KitEntry = Of<typeof KIT_FIELDS>;
export const kitEntrySchema = wholeOf(KIT_FIELDS);
export const newKitEntry = (destination: string): KitEntry => ({ ...firstOf(KIT_FIELDS), destination });
