import Joi from 'joi';
import { pieceSchema } from '../../../../../core/piece/schema.ts';
import type { Piece } from '../../../../../core/piece/types.ts';
import { body, route } from '../../../../../server/http.ts';
import { nabFrom } from '../../../../../server/shelf/search.ts';
import { nabPiece } from '../../../../../server/shelf/shelf.ts';

const schema = Joi.object({ piece: pieceSchema.required() });

/** Pictures for a piece as the client has it; what it takes over is an edit like any other. */
export const POST = route(async (request) => {
  const { piece } = await body<{ piece: Piece }>(request, schema);
  return Response.json(await nabPiece(piece, await nabFrom(piece)));
});
