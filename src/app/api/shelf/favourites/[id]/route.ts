import Joi from 'joi';
import { pictureFact } from '../../../../../server/assets/lookup.ts';
import { body, HttpError, route } from '../../../../../server/http.ts';
import { setFavourite } from '../../../../../server/shelf/own.ts';

const schema = Joi.object({ on: Joi.boolean().required() });

/** Keeps a picture at hand, or no longer. */
export const PUT = route<{ params: Promise<{ id: string }> }>(async (request, { params }) => {
  const { id } = await params;
  const { on } = await body<{ on: boolean }>(request, schema);
  if (on && !(await pictureFact(id))) throw new HttpError(404, 'There is no such picture.');
  await setFavourite(id, on);
  return new Response(null, { status: 204 });
});
