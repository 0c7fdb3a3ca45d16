import * as api from '../../../../../../api/desk.ts';
import { compareVersion, dropVersion } from '../../../../../../server/desk/versions.ts';
import { route } from '../../../../../../server/http/route.ts';

export const dynamic = 'force-dynamic';

export const GET = route(api.compareVersion, ({ params }) => compareVersion(params.id, params.version));

export const DELETE = route(api.dropVersion, ({ params }) => dropVersion(params.id, params.version));
