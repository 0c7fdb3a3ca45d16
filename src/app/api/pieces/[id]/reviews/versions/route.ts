import * as api from '../../../../../../api/reviews.ts';
import { route } from '../../../../../../server/http/route.ts';
import { sendVersion } from '../../../../../../server/reviews/versions.ts';

export const dynamic = 'force-dynamic';

export const POST = route(api.sendVersion, ({ params }) => sendVersion(params.id));
