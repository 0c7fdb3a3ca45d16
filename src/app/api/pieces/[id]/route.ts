import * as api from '../../../../api/pieces.ts';
import { route } from '../../../../server/http/route.ts';
import { openPiece } from '../../../../server/pieces/pieces.ts';

export const dynamic = 'force-dynamic';

export const GET = route(api.getPiece, ({ params }) => openPiece(params.id));
