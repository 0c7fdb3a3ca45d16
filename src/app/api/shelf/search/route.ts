import Joi from 'joi';
import { HttpError, route } from '../../../../server/http.ts';
import { search } from '../../../../server/shelf/shelf.ts';

export const dynamic = 'force-dynamic';

const schema = Joi.object({
  q: Joi.string().allow('').max(500).required(),
  limit: Joi.number().integer().min(1).max(200).default(24),
});

export const GET = route(async (request) => {
  const { error, value } = schema.validate(Object.fromEntries(new URL(request.url).searchParams));
  if (error) throw new HttpError(400, error.message);
  return Response.json(await search(value.q, value.limit));
});
