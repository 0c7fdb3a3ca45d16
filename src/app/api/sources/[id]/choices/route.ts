import * as api from '../../../../../api/sources.ts';
import { route } from '../../../../../server/http/route.ts';
import { saveChoices } from '../../../../../server/sources/sources.ts';

export const PUT = route(api.saveChoices, ({ params, body }) =>
  saveChoices(params.id, body.choices, body.options),
);
