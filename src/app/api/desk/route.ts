import * as api from '../../../api/desk.ts';
import { deskFacets } from '../../../server/desk/list.ts';
import { route } from '../../../server/http/route.ts';

export const dynamic = 'force-dynamic';

export const GET = route(api.deskFacets, () => deskFacets());
