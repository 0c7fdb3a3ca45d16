import Joi from 'joi';
import { scriptOf } from '../../../core/source/script.ts';
import { bytesOf, HttpError, route } from '../../../server/http.ts';
import { decodeText } from '../../../server/read/decode.ts';
import { asHttp } from '../../../server/read/http.ts';
import { readFile } from '../../../server/read/read.ts';

const schema = Joi.object({ name: Joi.string().max(300).required() });

/** The words of a file as a script, without making anything of them yet. Plain text stays as it is. */
export const PUT = route(async (request) => {
  const { error, value } = schema.validate(Object.fromEntries(new URL(request.url).searchParams));
  if (error) throw new HttpError(400, error.message);
  const bytes = await bytesOf(request, 40_000_000);
  const text = await asHttp(async () =>
    /\.txt$/i.test(value.name) ? decodeText(bytes) : scriptOf(await readFile(bytes, value.name, 'article')),
  );
  if (!text.trim()) throw new HttpError(422, 'This file has no words in it.');
  if (text.length > 500_000)
    throw new HttpError(
      422,
      `This text has ${Math.round(text.length / 1000)} thousand characters; a script has at most 500 thousand. Take a part of it.`,
    );
  return Response.json({ text });
});
