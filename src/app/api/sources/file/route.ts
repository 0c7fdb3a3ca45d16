import Joi from 'joi';
import { bytesOf, HttpError, route } from '../../../../server/http.ts';
import { asHttp } from '../../../../server/read/http.ts';
import { readFile } from '../../../../server/read/read.ts';
import { createSource } from '../../../../server/sources/sources.ts';

export const dynamic = 'force-dynamic';

const schema = Joi.object({
  name: Joi.string().max(300).required(),
  as: Joi.string().valid('auto', 'article', 'product').default('auto'),
});

/** The largest document that is read, bytes. */
const LARGEST = 40_000_000;

/** Reads a file that the writer brought; the body is the file itself. */
export const PUT = route(async (request) => {
  const { error, value } = schema.validate(Object.fromEntries(new URL(request.url).searchParams));
  if (error) throw new HttpError(400, error.message);
  const bytes = await bytesOf(request, LARGEST);
  const source = await asHttp(() => readFile(bytes, value.name, value.as));
  return Response.json({ id: await createSource(source) }, { status: 201 });
});
