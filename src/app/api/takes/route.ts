import Joi from 'joi';
import { LIMITS } from '../../../core/piece/schema.ts';
import { VOICES } from '../../../core/sound/speech.ts';
import { body, HttpError, route } from '../../../server/http.ts';
import { takeOf } from '../../../server/speech/takes.ts';

const schema = Joi.object({
  text: Joi.string().trim().min(1).max(LIMITS.textLength).required(),
  voice: Joi.object({
    name: Joi.string()
      .valid(...VOICES.map((v) => v.name))
      .required(),
    pace: Joi.number().min(0.5).max(2).required(),
  }).required(),
});

/** The take of a text; the same question gives the same take, spoken once. */
export const POST = route(async (request) => {
  const { text, voice } = await body<{ text: string; voice: { name: string; pace: number } }>(
    request,
    schema,
  );
  try {
    return Response.json(await takeOf(text, voice));
  } catch (e) {
    if ((e as Error).name === 'SpeechError') throw new HttpError(422, (e as Error).message);
    throw e;
  }
});
