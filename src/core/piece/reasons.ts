import Joi from 'joi';
import { share } from './field.ts';

/** Why a picture was chosen, or stands among those to choose from. What a code means in words is said by the interface. */
export type PictureReason =
  /** A word of the line is said of the picture. */
  | { code: 'word'; word: string }
  /** A word of the line is near to one that is said of it. */
  | { code: 'near-word'; word: string; tag: string }
  /** The whole line means what it shows, 0 to 1. */
  | { code: 'meaning'; close: number }
  /** It stands in the source of the piece; caption: what is said of it there. */
  | { code: 'in-source'; caption: string }
  /** It is one of the photos of which the piece was made. */
  | { code: 'photo' }
  /** It was laid beside the script. */
  | { code: 'brought' }
  /** It stood in this scene before. */
  | { code: 'was-here' }
  /** It is like another picture, 0 to 1. */
  | { code: 'like'; close: number }
  /** The line says nothing that can be seen: a picture of what the piece is about, 0 to 1. */
  | { code: 'topic'; close: number }
  /** The picture of the title once more: the scene speaks of the same thing. */
  | { code: 'comes-back' }
  /** A picture of another scene once more: what else there is fits less. */
  | { code: 'again' }
  /** The picture of the scene before goes on: what else there is fits less. The placement is what the scene would show itself. */
  | { code: 'goes-on' }
  /** Nothing fits: a calm ground behind the words. */
  | { code: 'calm' }
  /** A figure of speech was taken as it is meant. */
  | { code: 'figure'; said: string; meant: string }
  /** A line in another language was read word by word in English. */
  | { code: 'gloss'; text: string }
  /** An earlier version said so in these words. */
  | { code: 'told'; text: string };

const word = Joi.string().max(100).required();
const REASONS: Record<PictureReason['code'], Record<string, Joi.Schema>> = {
  word: { word },
  'near-word': { word, tag: Joi.string().max(200).required() },
  meaning: { close: share().required() },
  'in-source': { caption: Joi.string().allow('').max(200).required() },
  photo: {},
  brought: {},
  'was-here': {},
  'comes-back': {},
  again: {},
  'goes-on': {},
  like: { close: share().required() },
  topic: { close: share().required() },
  calm: {},
  figure: { said: Joi.string().max(200).required(), meant: Joi.string().max(200).required() },
  gloss: { text: Joi.string().max(500).required() },
  told: { text: Joi.string().max(500).required() },
};

export const reasonSchema = Joi.alternatives().try(
  ...Object.entries(REASONS).map(([code, values]) =>
    Joi.object({ code: Joi.valid(code).required(), ...values }),
  ),
);
