import * as api from '../../../../../../../api/desk.ts';
import { returnToVersion } from '../../../../../../../server/desk/versions.ts';
import { route } from '../../../../../../../server/http/route.ts';

export const dynamic = 'force-dynamic';

export const POST = route(api.returnToVersion, async ({ params }) => ({
  rev: await returnToVersion(params.id, params.version),
}));
