import * as desk from '../../../api/desk.ts';
import * as api from '../../../api/pieces.ts';
import { listPieces } from '../../../server/desk/list.ts';
import { route } from '../../../server/http/route.ts';
import { beginPiece } from '../../../server/pieces/pieces.ts';

export const dynamic = 'force-dynamic';

export const GET = route(desk.listPieces, ({ query }) => listPieces(query));

export const POST = route(api.createPiece, async ({ body: { script, split, brought, ...options } }) => ({
  id: await beginPiece(script, split, options, brought),
}));
