import { route } from '../../../server/http.ts';
import { shelfView } from '../../../server/shelf/view.ts';

export const dynamic = 'force-dynamic';

export const GET = route(async () => Response.json(await shelfView()));
