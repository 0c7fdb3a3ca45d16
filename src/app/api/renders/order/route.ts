import * as api from '../../../../api/renders.ts';
import { route } from '../../../../server/http/route.ts';
import { orderRenders } from '../../../../server/jobs/renders.ts';

export const POST = route(api.orderRenders, ({ body }) => orderRenders(body.ids));
