import Joi from 'joi';
import { body, HttpError, route } from '../../../../server/http.ts';
import { knownFacts } from '../../../../server/material.ts';
import { archivePiece, history, loadPiece } from '../../../../server/pieces/pieces.ts';
import { entryViews } from '../../../../server/shelf/search.ts';

type Context = { params: Promise<{ id: string }> };

export const dynamic = 'force-dynamic';

export const GET = route<Context>(async (_, { params }) => {
  const { id } = await params;
  const found = await loadPiece(id);
  if (!found)
    throw new HttpError(404, 'There is no such piece. It may have been made on another installation.');
  const [entries, facts] = await Promise.all([history(id), knownFacts(found.piece)]);
  // Undo can bring pictures back that are not in the piece now.
  const pictures = new Set(
    [...JSON.stringify([found.piece, entries]).matchAll(/"assetId":"(a[0-9a-f]{20})"/g)].map(
      (m) => m[1] ?? '',
    ),
  );
  return Response.json({
    id,
    ...found,
    history: entries,
    takes: facts.takes,
    assets: await entryViews(pictures),
  });
});

const schema = Joi.object({ archived: Joi.boolean().required() });

export const PATCH = route<Context>(async (request, { params }) => {
  const { archived } = await body<{ archived: boolean }>(request, schema);
  if (!(await archivePiece((await params).id, archived))) throw new HttpError(404, 'There is no such piece.');
  return Response.json({ ok: true });
});
