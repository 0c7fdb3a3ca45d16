import * as api from '../../../../../api/sources.ts';
import { route } from '../../../../../server/http/route.ts';
import { saveFacts } from '../../../../../server/sources/sources.ts';

export const PUT = route(api.saveFacts, ({ params, body }) => saveFacts(params.id, body.facts));
