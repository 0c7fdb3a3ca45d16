import * as api from '../../../../../api/desk.ts';
import { keepVersion, listVersions } from '../../../../../server/desk/versions.ts';
import { route } from '../../../../../server/http/route.ts';

export const dynamic = 'force-dynamic';

export const GET = route(api.listVersions, ({ params }) => listVersions(params.id));

export const POST = route(api.keepVersion, async ({ params, body }) => ({
  id: await keepVersion(params.id, body.name),
}));
