import * as api from '../../../api/sources.ts';
import { route } from '../../../server/http/route.ts';
import { createSource, openSources, readInput } from '../../../server/sources/sources.ts';

export const dynamic = 'force-dynamic';

export const GET = route(api.listSources, openSources);

export const POST = route(api.createSource, async ({ body }) => ({
  id: await createSource(await readInput(body), body),
}));
