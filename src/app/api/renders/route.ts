import * as api from '../../../api/renders.ts';
import { route } from '../../../server/http/route.ts';
import { listRenders, renderPiece } from '../../../server/jobs/renders.ts';

export const dynamic = 'force-dynamic';

export const GET = route(api.listRenders, ({ query }) => listRenders(query.piece));

export const POST = route(api.requestRender, async ({ body: { pieceId, deliveries } }) => ({
  ids: await renderPiece(pieceId, deliveries),
}));
