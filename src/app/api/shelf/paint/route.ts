import { body, route } from '../../../../server/http.ts';
import { type PaintAsk, paintSchema, paintToOrder } from '../../../../server/shelf/painter.ts';

/** Paints a picture to order and puts it on the shelf. */
export const POST = route(async (request) =>
  Response.json(await paintToOrder(await body<PaintAsk>(request, paintSchema)), { status: 201 }),
);
