import Joi from 'joi';
import { body, HttpError, route } from '../../../../../server/http.ts';
import { describeOwn, type OwnWords, ownWordsSchema, shelveAgain } from '../../../../../server/shelf/own.ts';

type With = { params: Promise<{ id: string }> };

/** What its owner says of a picture. */
export const PATCH = route<With>(async (request, { params }) =>
  Response.json(await describeOwn((await params).id, await body<Partial<OwnWords>>(request, ownWordsSchema))),
);

const shelved = Joi.object({ on: Joi.boolean().required() });

/** Takes a picture off the shelf, or puts it back. */
export const PUT = route<With>(async (request, { params }) => {
  const { on } = await body<{ on: boolean }>(request, shelved);
  if (!(await shelveAgain([(await params).id], on)))
    throw new HttpError(404, 'There is no such picture among your own.');
  return new Response(null, { status: 204 });
});
