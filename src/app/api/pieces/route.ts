import Joi from 'joi';
import { nanoid } from 'nanoid';
import { draftFromLines } from '../../../core/outline/draft.ts';
import { LIMITS } from '../../../core/piece/schema.ts';
import { cutScript, SPLITS, type Split } from '../../../core/text/script.ts';
import { body, HttpError, route } from '../../../server/http.ts';
import { createPiece, listPieces } from '../../../server/pieces/pieces.ts';
import { nabFrom } from '../../../server/shelf/search.ts';
import { withPictures } from '../../../server/shelf/shelf.ts';
import { optionsSchema, type PieceOptions } from '../../../server/sources/sources.ts';

export const dynamic = 'force-dynamic';

export const GET = route(async () => Response.json(await listPieces()));

const schema = Joi.object({
  script: Joi.string()
    .trim()
    .min(1)
    .max(500_000)
    .required()
    .messages({ 'string.empty': 'There are no words in the script yet.' }),
  split: Joi.string()
    .valid(...SPLITS)
    .required(),
}).concat(optionsSchema);

/** Begins a piece with a script: cut, pictures nabbed; the voices follow one by one from the client. */
export const POST = route(async (request) => {
  const wish = await body<{ script: string; split: Split } & PieceOptions>(request, schema);
  const lines = cutScript(wish.script, wish.split);
  if (!lines.length) throw new HttpError(400, 'There are no words in this script that could become a scene.');
  if (lines.length > LIMITS.scenes)
    throw new HttpError(
      400,
      `This script makes ${lines.length} scenes; a piece holds at most ${LIMITS.scenes}. Take a part of it, or cut by paragraph.`,
    );
  const draft = draftFromLines(lines, wish, () => nanoid(10));
  return Response.json(
    { id: await createPiece(await withPictures(draft, await nabFrom(draft))) },
    { status: 201 },
  );
});
