import { nabPictures } from '../../../../../api/pieces.ts';
import { match } from '../../../../../server/apart/apart.ts';
import { route } from '../../../../../server/http/route.ts';
import { loadPiece } from '../../../../../server/pieces/pieces.ts';

export const POST = route(nabPictures, async ({ params, body: { piece } }) => {
  await loadPiece(params.id);
  return match('nab', piece);
});
