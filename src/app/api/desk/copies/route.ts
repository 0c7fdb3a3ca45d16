import * as api from '../../../../api/desk.ts';
import { copyPieces } from '../../../../server/desk/filing.ts';
import { route } from '../../../../server/http/route.ts';

export const dynamic = 'force-dynamic';

export const POST = route(api.copyPieces, async ({ body: { ids, format, language } }) => ({
  ids: await copyPieces(ids, format, language),
}));
