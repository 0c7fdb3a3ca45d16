import { pieceFile } from '../../../../../../api/pieces.ts';
import type { Piece } from '../../../../../../core/piece/types.ts';
import { compile } from '../../../../../../core/timeline/compile.ts';
import type { Facts, Timeline } from '../../../../../../core/timeline/types.ts';
import { PIECE_FILES } from '../../../../../../server/exchange/files.ts';
import { downloadResponse } from '../../../../../../server/http/files.ts';
import { route } from '../../../../../../server/http/route.ts';
import { knownFacts, prepare, typesetter } from '../../../../../../server/material.ts';
import { loadPiece } from '../../../../../../server/pieces/pieces.ts';
import { ownWordsOf } from '../../../../../../server/shelf/own.ts';

export const dynamic = 'force-dynamic';

async function asKnown(piece: Piece): Promise<{ timeline: Timeline; facts: Facts }> {
  const facts = await knownFacts(piece);
  return { facts, timeline: compile(piece, facts, typesetter()) };
}

export const GET = route(pieceFile, async ({ params, query }) => {
  const language = query.language ?? null;
  const { piece } = await loadPiece(params.id);
  const { ending, type, make, whole } = PIECE_FILES[params.name];
  const { timeline, facts } = whole ? await prepare(piece) : await asKnown(piece);
  return downloadResponse(
    await make({ piece, timeline, facts, words: ownWordsOf, language }),
    type,
    piece.title,
    language === null ? ending : `${language}.${ending}`,
  );
});
