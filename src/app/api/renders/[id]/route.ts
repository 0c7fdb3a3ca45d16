import * as api from '../../../../api/renders.ts';
import { route } from '../../../../server/http/route.ts';
import { deleteRender, getRender } from '../../../../server/jobs/renders.ts';

export const dynamic = 'force-dynamic';

export const GET = route(api.getRender, ({ params }) => getRender(params.id));

export const DELETE = route(api.deleteRender, ({ params }) => deleteRender(params.id));
