import Joi from 'joi';
import { type OtherVoice, otherVoiceName } from '../voices.ts';

/** What stands in the JSON beside a neural voice in the open Piper form (NAME.onnx.json), as far as it is needed here. */
export interface VoiceModel {
  /** Samples a second. */
  rate: number;
  /** What eSpeak NG calls the language whose sounds it speaks, such as "en-us". */
  sounds: string;
  /** ISO 639-1 where there is one. */
  language: string;
  /** "United Kingdom"; empty when it is not said. */
  country: string;
  /** What it was called when it was made; empty when it is not said. */
  title: string;
  /** "low", "medium", "high" ...; empty when it is not said. */
  quality: string;
  /** Of how many people it has the voices; those that are offered, by their number: one without a name when it has one. */
  people: number;
  speakers: string[];
  /** How much its tone and its lengths vary, and how long its sounds are. */
  noise: number;
  noiseOfLengths: number;
  length: number;
  /** The number of each sound that it knows. */
  soundIds: [sound: string, id: number][];
}

/** Voices of more people are offered up to so many. */
export const MOST_SPEAKERS = 200;

const word = Joi.string().max(80).allow('');

const schema = Joi.object({
  audio: Joi.object({
    sample_rate: Joi.number().integer().min(8000).max(48_000).required(),
    quality: word.default(''),
  })
    .unknown()
    .required(),
  // Voices that read letters as they are have no such sounds, and cannot be read here.
  phoneme_type: Joi.valid('espeak').default('espeak'),
  espeak: Joi.object({
    voice: Joi.string()
      .pattern(/^[a-z]{2,3}(-[a-z0-9-]{1,20})?$/i)
      .required(),
  })
    .unknown()
    .required(),
  language: Joi.object({
    code: word.default(''),
    family: word.default(''),
    country_english: word.default(''),
  })
    .unknown()
    .default({ code: '', family: '', country_english: '' }),
  dataset: word.default(''),
  inference: Joi.object({
    noise_scale: Joi.number().min(0).max(3).default(0.667),
    length_scale: Joi.number().min(0.2).max(5).default(1),
    noise_w: Joi.number().min(0).max(3).default(0.8),
  })
    .unknown()
    .default({ noise_scale: 0.667, length_scale: 1, noise_w: 0.8 }),
  num_speakers: Joi.number().integer().min(1).max(20_000).default(1),
  speaker_id_map: Joi.object()
    .pattern(Joi.string().max(80), Joi.number().integer().min(0).max(20_000))
    .default({}),
  phoneme_id_map: Joi.object()
    .pattern(
      Joi.string().min(1).max(8),
      Joi.array().items(Joi.number().integer().min(0).max(10_000)).min(1).max(4),
    )
    .min(5)
    .max(1000)
    .required(),
}).unknown();

/** The languages that the makers of voices and eSpeak NG call otherwise than by their two letters of ISO 639-1. */
const LANGUAGES: Record<string, string> = { no: 'nb', cmn: 'zh', yue: 'zh' };

/** Reads the JSON beside a voice; null when it is none. */
export function voiceModelOf(json: unknown): VoiceModel | null {
  const { value, error } = schema.validate(json);
  if (error) return null;
  const sounds = value.espeak.voice.toLowerCase();
  const family = (value.language.family || value.language.code.split(/[_-]/)[0] || sounds.split('-')[0])
    .toLowerCase()
    .replaceAll(/[^a-z]/g, '');
  const named = Object.entries(value.speaker_id_map as Record<string, number>).sort(([, a], [, b]) => a - b);
  const count = Math.min(value.num_speakers, MOST_SPEAKERS);
  return {
    rate: value.audio.sample_rate,
    sounds,
    language: (LANGUAGES[family] ?? family).slice(0, 3),
    country: value.language.country_english,
    title: value.dataset,
    quality: value.audio.quality,
    people: value.num_speakers,
    speakers: Array.from({ length: count }, (_, i) => named.find(([, id]) => id === i)?.[0] ?? ''),
    noise: value.inference.noise_scale,
    noiseOfLengths: value.inference.noise_w,
    length: value.inference.length_scale,
    soundIds: Object.entries(value.phoneme_id_map as Record<string, number[]>).map(([sound, ids]) => [
      sound,
      ids[0] as number,
    ]),
  };
}

/** One line for each sound and its number, as sherpa-onnx reads them. */
export const tokensOf = ({ soundIds }: VoiceModel): string =>
  soundIds.map(([sound, id]) => `${sound} ${id}\n`).join('');

/** What sherpa-onnx wants to find written in a model of this form. */
export const metadataOf = (model: VoiceModel): Record<string, string> => ({
  model_type: 'vits',
  comment: 'piper',
  language: model.language,
  voice: model.sounds,
  has_espeak: '1',
  n_speakers: String(model.people),
  sample_rate: String(model.rate),
});

/** How files of voices are usually called: "en_GB-alba-medium"; without country or without quality too, not without both. */
const USUAL_NAME =
  /^[a-z]{2,3}(?:_[A-Z]{2}-(.+?)(?:-(?:x_low|low|medium|high))?|-(.+?)-(?:x_low|low|medium|high))$/;

/** What a voice is called: "Alba". */
function labelOf(file: string, title: string): string {
  const usual = USUAL_NAME.exec(file);
  const name = usual?.[1] ?? usual?.[2] ?? (title || file);
  const plain = name.replaceAll(/[_-]+/g, ' ').trim().slice(0, 40) || 'A voice';
  return plain.slice(0, 1).toUpperCase() + plain.slice(1);
}

/** The voices of a model, one for each person. id: by its content. file: what its file is called, without endings. */
export function voicesOfModel(model: VoiceModel, id: string, file: string): OtherVoice[] {
  const label = labelOf(file, model.title);
  const several = model.speakers.length > 1;
  const describe = [
    ...['one of your own', model.country, model.quality && `${model.quality} quality`].filter(Boolean),
    `${model.rate / 1000} kHz`,
  ].join(', ');
  return model.speakers.map((speaker, i) => ({
    name: otherVoiceName('own', model.language, several ? `${id}.${i}` : id),
    label: several ? `${label}, ${speaker || `voice ${i + 1}`}` : label,
    describe,
    language: model.language,
  }));
}
