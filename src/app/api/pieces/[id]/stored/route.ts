import * as api from '../../../../../api/pieces.ts';
import { route } from '../../../../../server/http/route.ts';
import { exportPiece } from '../../../../../server/pieces/pieces.ts';

export const dynamic = 'force-dynamic';

export const GET = route(api.exportPiece, ({ params }) => exportPiece(params.id));
