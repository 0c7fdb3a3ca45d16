import { warmShelf } from '../../../../api/shelf.ts';
import { route } from '../../../../server/http/route.ts';
import { warmLines } from '../../../../server/shelf/shelf.ts';

export const POST = route(warmShelf, ({ body }) => warmLines(body.lines));
