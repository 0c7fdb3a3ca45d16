import * as api from '../../../api/destinations.ts';
import { route } from '../../../server/http/route.ts';
import { listDestinations, putDestinations } from '../../../server/kit/destinations.ts';

export const dynamic = 'force-dynamic';

export const GET = route(api.listDestinations, listDestinations);
export const PUT = route(api.putDestinations, ({ body }) => putDestinations(body));
