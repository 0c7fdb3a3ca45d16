import * as api from '../../../../api/desk.ts';
import { filePieces } from '../../../../server/desk/filing.ts';
import { route } from '../../../../server/http/route.ts';

export const dynamic = 'force-dynamic';

export const PATCH = route(api.filePieces, ({ body }) => filePieces(body));
