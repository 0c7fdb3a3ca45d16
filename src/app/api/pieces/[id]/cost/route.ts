import { pieceCost } from '../../../../../api/stock.ts';
import { route } from '../../../../../server/http/route.ts';
import { loadPiece } from '../../../../../server/pieces/pieces.ts';
import { costOf } from '../../../../../server/stock/stock.ts';

export const dynamic = 'force-dynamic';

export const GET = route(pieceCost, async ({ params }) => costOf((await loadPiece(params.id)).piece));
