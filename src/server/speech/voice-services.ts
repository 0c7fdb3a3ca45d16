import Joi from 'joi';
import { fetch } from 'undici';
import { Failed } from '../../core/failure.ts';
import { type OtherVoice, otherVoice, otherVoiceName } from '../../core/sound/voices.ts';
import type { Utterance } from '../apart/tasks.ts';
import { CONFIG } from '../config.ts';
import { log } from '../log.ts';
import { namedPlaces } from '../named-places.ts';
import { readBody } from '../read/fetch.ts';
import { filtered } from './spoken.ts';

const MOST = { listBytes: 1_000_000, soundBytes: 60_000_000, voices: 200 } as const;
const WAIT = { listMs: 3000, sayMs: 60_000 } as const;
/** Milliseconds for which a list is taken as it was; one that failed is asked for again sooner. */
const KEPT = { listMs: 300_000, failedMs: 10_000 } as const;
/** Samples a second in which its sound is taken. */
const RATE = 24_000;

/** A service that speaks, at an address that is set by whoever runs this installation. */
export interface VoiceService {
  id: string;
  name: string;
  /** Its voices; empty while it does not answer. */
  voices(): Promise<OtherVoice[]>;
  /** Throws Failed (no-service, voice-answer). */
  say(voice: string, text: string, pace: number): Promise<Utterance>;
}

const listSchema = Joi.object<{ voices: { id: string; name: string; language: string; about: string }[] }>({
  voices: Joi.array()
    .items(
      Joi.object({
        id: Joi.string()
          .pattern(/^[\w-]{1,24}$/)
          .required(),
        name: Joi.string().trim().min(1).max(40).required(),
        language: Joi.string()
          .pattern(/^[a-z]{2,3}$/)
          .required(),
        about: Joi.string().max(120).allow('').default(''),
      }),
    )
    .max(MOST.voices)
    .required(),
}).unknown();

/**
 * A service over HTTP: GET voices answers {voices: [{id, name, language, about}]}; POST say with {voice, text, pace} answers
 * sound in a form that ffmpeg reads, a WAV best.
 */
export function voiceService(id: string, name: string, address: string): VoiceService {
  const base = address.endsWith('/') ? address : `${address}/`;
  let list: { voices: OtherVoice[]; until: number } | null = null;

  async function ask(what: string, most: number, waitMs: number, body?: object): Promise<Buffer> {
    const url = new URL(what, base);
    const response = await fetch(url, {
      method: body ? 'POST' : 'GET',
      ...(body ? { body: JSON.stringify(body), headers: { 'content-type': 'application/json' } } : {}),
      redirect: 'error',
      signal: AbortSignal.timeout(waitMs),
    });
    if (!response.ok) throw new Error(`status ${response.status}`);
    return readBody(response, most, url);
  }

  async function asked(): Promise<{ voices: OtherVoice[]; until: number }> {
    try {
      const said = JSON.parse((await ask('voices', MOST.listBytes, WAIT.listMs)).toString('utf8'));
      const { value, error } = listSchema.validate(said, { stripUnknown: true });
      if (error) throw error;
      const voices = value.voices.map((v) => ({
        name: otherVoiceName('served', v.language, `${id}.${v.id}`),
        label: v.name,
        describe: `${v.about} (${name})`.trim(),
        language: v.language,
      }));
      return { voices, until: performance.now() + KEPT.listMs };
    } catch (e) {
      // Its name stands in the interface; whoever makes a video without one is not told each time.
      log.debug({ service: name, err: e }, 'a service for voices does not answer');
      return { voices: list?.voices ?? [], until: performance.now() + KEPT.failedMs };
    }
  }

  return {
    id,
    name,
    async voices() {
      if (!list || list.until < performance.now()) list = await asked();
      return list.voices;
    },
    async say(voice, text, pace) {
      const sound = await ask('say', MOST.soundBytes, WAIT.sayMs, { voice, text, pace }).catch((e) => {
        log.warn({ service: name, err: e }, 'a service for voices does not speak');
        throw new Failed({ code: 'no-service', name });
      });
      try {
        return { samples: await filtered(sound, 'anull', RATE), rate: RATE };
      } catch (e) {
        throw new Failed({ code: 'voice-answer', detail: (e as Error).message.slice(0, 200) });
      }
    },
  };
}

/** The services of this installation. */
export const SERVICES: readonly VoiceService[] = namedPlaces('NABBET_VOICES', CONFIG.voices).map(
  ({ id, name, place }) => voiceService(id, name, place),
);

/** Speaks with the voice of a service, by the voice's whole name. Throws Failed (no-voice, no-service, voice-answer). */
export async function sayServed(
  name: string,
  text: string,
  pace: number,
  services = SERVICES,
): Promise<Utterance> {
  const { id = '' } = otherVoice(name) ?? {};
  const at = id.indexOf('.');
  const service = services.find((s) => s.id === id.slice(0, at));
  if (!service) throw new Failed({ code: 'no-voice', name, voices: services.map((s) => s.name) });
  return service.say(id.slice(at + 1), text, pace);
}
