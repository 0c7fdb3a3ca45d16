import * as api from '../../../../../api/desk.ts';
import { emptyBin } from '../../../../../server/desk/filing.ts';
import { route } from '../../../../../server/http/route.ts';

export const dynamic = 'force-dynamic';

export const POST = route(api.emptyBin, () => emptyBin());
