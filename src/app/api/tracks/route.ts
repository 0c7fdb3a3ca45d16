import Joi from 'joi';
import { MOODS, type Mood } from '../../../core/piece/types.ts';
import { body, route } from '../../../server/http.ts';
import { trackOf } from '../../../server/music/tracks.ts';

const schema = Joi.object({
  mood: Joi.string()
    .valid(...MOODS.filter((m) => m !== 'none'))
    .required(),
  seed: Joi.number().integer().min(0).max(1_000_000).required(),
  lengthMs: Joi.number().integer().min(500).max(3_600_000).required(),
});

export const POST = route(async (request) => {
  const { mood, seed, lengthMs } = await body<{
    mood: Exclude<Mood, 'none'>;
    seed: number;
    lengthMs: number;
  }>(request, schema);
  return Response.json(await trackOf(mood, seed, lengthMs));
});
