import { pieceEverything } from '../../../../../api/pieces.ts';
import { plainName } from '../../../../../core/deliver/name.ts';
import { everythingOf } from '../../../../../server/exchange/everything.ts';
import { zipped } from '../../../../../server/exchange/zip.ts';
import { streamedResponse } from '../../../../../server/http/files.ts';
import { route } from '../../../../../server/http/route.ts';
import { prepare } from '../../../../../server/material.ts';
import { loadPiece } from '../../../../../server/pieces/pieces.ts';

export const dynamic = 'force-dynamic';

export const GET = route(pieceEverything, async ({ params }) => {
  const { piece } = await loadPiece(params.id);
  const { timeline, facts } = await prepare(piece);
  const parts = await everythingOf(params.id, { piece, timeline, facts });
  return streamedResponse(zipped(parts), 'application/zip', `${plainName(piece.title)}.zip`);
});
