import * as api from '../../../../api/sources.ts';
import { route } from '../../../../server/http/route.ts';
import { loadSource, putAway } from '../../../../server/sources/sources.ts';

export const dynamic = 'force-dynamic';

export const GET = route(api.getSource, ({ params }) => loadSource(params.id));

export const DELETE = route(api.putAwaySource, ({ params }) => putAway(params.id));
