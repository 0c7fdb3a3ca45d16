import * as api from '../../../../../api/renders.ts';
import { route } from '../../../../../server/http/route.ts';
import { cancelRender } from '../../../../../server/jobs/renders.ts';

export const POST = route(api.cancelRender, ({ params }) => cancelRender(params.id));
