import Joi from 'joi';
import type { OtherVoice } from '../core/sound/voices.ts';
import { answer, endpoint } from './endpoint.ts';

/** The largest file of a voice that is taken, bytes. */
export const LARGEST_VOICE = 250_000_000;

/** The voices that did not ship. */
export interface VoiceList {
  /** away: not offered any more, and kept by the pieces that use it. */
  own: (OtherVoice & { away: boolean })[];
  served: OtherVoice[];
  /** Services that do not answer. */
  silent: string[];
  /** Where voices can be put by hand. */
  folder: string;
}

export const listVoices = endpoint('GET', '/api/voices', { answer: answer<VoiceList>() });

/** What became of a file of a voice: its voices, or which other file is wanted to it. */
export interface KeptVoiceFile {
  voices: OtherVoice[];
  /** null when the voice is whole. */
  wanted: string | null;
}

/** Keeps one of the two files of a voice; when both are there it is tried, and kept if it speaks. */
export const sendVoiceFile = endpoint('PUT', '/api/voices', {
  query: Joi.object<{ name: string }>({ name: Joi.string().trim().min(1).max(200).required() }),
  body: { bytes: LARGEST_VOICE },
  answer: answer<KeptVoiceFile>(),
});

/** Puts an own voice away, or offers it again. */
export const changeVoice = endpoint('PATCH', '/api/voices', {
  body: Joi.object<{ name: string; away: boolean }>({
    name: Joi.string().max(80).required(),
    away: Joi.boolean().required(),
  }),
});
