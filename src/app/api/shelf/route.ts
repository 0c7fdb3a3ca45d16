import { listShelf } from '../../../api/shelf.ts';
import { route } from '../../../server/http/route.ts';
import { shelfView } from '../../../server/shelf/view.ts';

export const dynamic = 'force-dynamic';

export const GET = route(listShelf, shelfView);
