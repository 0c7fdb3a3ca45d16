import { nabPictures } from '../../../../../api/pieces.ts';
import { route } from '../../../../../server/http/route.ts';
import { nabFrom } from '../../../../../server/shelf/search.ts';
import { nabPiece } from '../../../../../server/shelf/shelf.ts';

export const POST = route(nabPictures, async ({ body: { piece } }) => nabPiece(piece, await nabFrom(piece)));
