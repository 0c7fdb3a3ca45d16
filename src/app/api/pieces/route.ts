import Joi from 'joi';
import { nanoid } from 'nanoid';
import { draftFromLines } from '../../../core/outline/draft.ts';
import { LIMITS } from '../../../core/piece/schema.ts';
import { FORMATS, type Format, MOODS, type Mood } from '../../../core/piece/types.ts';
import { VOICES } from '../../../core/sound/speech.ts';
import { cutScript, SPLITS, type Split } from '../../../core/text/script.ts';
import { body, HttpError, route } from '../../../server/http.ts';
import { createPiece, listPieces } from '../../../server/pieces/pieces.ts';
import { withPictures } from '../../../server/shelf/shelf.ts';

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
  format: Joi.string()
    .valid(...FORMATS)
    .required(),
  voice: Joi.string()
    .valid(...VOICES.map((v) => v.name))
    .required(),
  mood: Joi.string()
    .valid(...MOODS)
    .required(),
});

/** Begins a piece with a script: cut, pictures nabbed; the voices follow one by one from the client. */
export const POST = route(async (request) => {
  const wish = await body<{ script: string; split: Split; format: Format; voice: string; mood: Mood }>(
    request,
    schema,
  );
  const lines = cutScript(wish.script, wish.split);
  if (!lines.length) throw new HttpError(400, 'There are no words in this script that could become a scene.');
  if (lines.length > LIMITS.scenes)
    throw new HttpError(
      400,
      `This script makes ${lines.length} scenes; a piece holds at most ${LIMITS.scenes}. Take a part of it, or cut by paragraph.`,
    );
  const draft = draftFromLines(lines, wish, () => nanoid(10));
  return Response.json({ id: await createPiece(await withPictures(draft)) }, { status: 201 });
});
