import { body, route } from '../../../../../server/http.ts';
import { type PaintAsk, paintSchema, planPainting } from '../../../../../server/shelf/painter.ts';

/** What would be painted for words, before it is. */
export const POST = route(async (request) =>
  Response.json(await planPainting(await body<PaintAsk>(request, paintSchema))),
);
