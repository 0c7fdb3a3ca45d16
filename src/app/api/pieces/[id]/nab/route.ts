import { nabPictures } from '../../../../../api/pieces.ts';
import { route } from '../../../../../server/http/route.ts';
import { loadPiece } from '../../../../../server/pieces/pieces.ts';
import { nabFrom } from '../../../../../server/shelf/search.ts';
import { nabPiece } from '../../../../../server/shelf/shelf.ts';

export const POST = route(nabPictures, async ({ params, body: { piece } }) => {
  await loadPiece(params.id);
  return nabPiece(piece, await nabFrom(piece));
});
