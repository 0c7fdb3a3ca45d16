import * as api from '../../../../../api/reviews.ts';
import { route } from '../../../../../server/http/route.ts';
import { approve } from '../../../../../server/reviews/comments.ts';
import { admitted } from '../../../../../server/reviews/links.ts';

export const dynamic = 'force-dynamic';

export const POST = route(api.approveVersion, async ({ params, body, request }) => ({
  id: await approve(await admitted(params.secret, request), body.author, body.version),
}));
