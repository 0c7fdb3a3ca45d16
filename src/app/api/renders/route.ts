import Joi from 'joi';
import { HEIGHTS, type Height } from '../../../core/timeline/segments.ts';
import { body, HttpError, route } from '../../../server/http.ts';
import { loadPiece } from '../../../server/pieces/pieces.ts';
import { listRenders, requestRender } from '../../../server/renders/renders.ts';

export const dynamic = 'force-dynamic';

export const GET = route(async (request) =>
  Response.json(await listRenders(new URL(request.url).searchParams.get('piece') ?? undefined)),
);

const schema = Joi.object({
  pieceId: Joi.string().max(24).required(),
  height: Joi.number()
    .valid(...HEIGHTS)
    .required(),
});

export const POST = route(async (request) => {
  const { pieceId, height } = await body<{ pieceId: string; height: Height }>(request, schema);
  const found = await loadPiece(pieceId);
  if (!found) throw new HttpError(404, 'There is no such piece.');
  if (!found.piece.scenes.length)
    throw new HttpError(422, 'The piece has no scenes yet: write a line first.');
  return Response.json({ id: await requestRender(pieceId, found.piece, found.rev, height) }, { status: 201 });
});
