import * as api from '../../../../../api/pieces.ts';
import { route } from '../../../../../server/http/route.ts';
import { copyPiece } from '../../../../../server/pieces/pieces.ts';

export const POST = route(api.copyPiece, async ({ params }) => ({ id: await copyPiece(params.id) }));
