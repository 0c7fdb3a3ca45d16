import { makePiece } from '../../../../../api/sources.ts';
import { route } from '../../../../../server/http/route.ts';
import { pieceFromSource } from '../../../../../server/sources/sources.ts';

export const POST = route(makePiece, async ({ params }) => ({ id: await pieceFromSource(params.id) }));
