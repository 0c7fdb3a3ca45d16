import * as api from '../../../api/pieces.ts';
import { route } from '../../../server/http/route.ts';
import { beginPiece, listPieces } from '../../../server/pieces/pieces.ts';

export const dynamic = 'force-dynamic';

export const GET = route(api.listPieces, ({ query }) => listPieces(query));

export const POST = route(api.createPiece, async ({ body: { script, split, brought, ...options } }) => ({
  id: await beginPiece(script, split, options, brought),
}));
