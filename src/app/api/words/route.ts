import Joi from 'joi';
import { body, route } from '../../../server/http.ts';
import { addWord, listWords, removeWord } from '../../../server/words/words.ts';

export const dynamic = 'force-dynamic';

const schema = Joi.object({ word: Joi.string().trim().min(1).max(80).required() });

/** The own word list of the spelling. */
export const GET = route(async () => Response.json(await listWords()));

export const POST = route(async (request) => {
  await addWord((await body<{ word: string }>(request, schema)).word);
  return Response.json({ ok: true }, { status: 201 });
});

export const DELETE = route(async (request) => {
  await removeWord((await body<{ word: string }>(request, schema)).word);
  return Response.json({ ok: true });
});
