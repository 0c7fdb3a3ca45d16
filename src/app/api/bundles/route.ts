import { openBundle } from '../../../api/pieces.ts';
import { openBundle as open } from '../../../server/exchange/bundle.ts';
import { route } from '../../../server/http/route.ts';

export const PUT = route(openBundle, async ({ bytes }) => ({ id: await open(bytes) }));
