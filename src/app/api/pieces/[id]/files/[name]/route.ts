import { pieceFile } from '../../../../../../api/pieces.ts';
import { compile } from '../../../../../../core/timeline/compile.ts';
import { PIECE_FILES } from '../../../../../../server/exchange/files.ts';
import { downloadResponse } from '../../../../../../server/http/files.ts';
import { route } from '../../../../../../server/http/route.ts';
import { knownFacts, typesetter } from '../../../../../../server/material.ts';
import { loadPiece } from '../../../../../../server/pieces/pieces.ts';

export const dynamic = 'force-dynamic';

export const GET = route(pieceFile, async ({ params }) => {
  const { piece } = await loadPiece(params.id);
  const facts = await knownFacts(piece);
  const timeline = compile(piece, facts, typesetter());
  const { ending, type, make } = PIECE_FILES[params.name];
  return downloadResponse(await make({ piece, timeline, facts }), type, piece.title, ending);
});
