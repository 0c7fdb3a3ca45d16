import Joi from 'joi';
import { LIMITS } from '../../../../core/piece/schema.ts';
import { body, route } from '../../../../server/http.ts';
import { warmLines } from '../../../../server/shelf/shelf.ts';

const schema = Joi.object({
  lines: Joi.array()
    .items(
      Joi.object({
        layout: Joi.string().valid('title', 'caption').required(),
        shown: Joi.string().max(LIMITS.textLength).required(),
        wish: Joi.string().allow('').max(2000).required(),
      }),
    )
    .max(LIMITS.scenes)
    .required(),
});

/** Works out the meaning of lines that will soon want pictures, while the writer still looks at the cut. */
export const POST = route(async (request) => {
  const { lines } = await body<{ lines: { layout: string; shown: string; wish: string }[] }>(request, schema);
  await warmLines(lines);
  return Response.json({ ok: true });
});
