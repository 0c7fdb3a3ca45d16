import * as api from '../../../../../api/renders.ts';
import { route } from '../../../../../server/http/route.ts';
import { swapRenders } from '../../../../../server/jobs/renders.ts';

export const dynamic = 'force-dynamic';

export const POST = route(api.swapRenders, ({ params, body }) => swapRenders(params.id, body.with));
