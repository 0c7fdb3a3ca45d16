import * as api from '../../../../../../api/reviews.ts';
import { route } from '../../../../../../server/http/route.ts';
import { settleByReviewer } from '../../../../../../server/reviews/comments.ts';
import { admitted } from '../../../../../../server/reviews/links.ts';

export const dynamic = 'force-dynamic';

export const PATCH = route(api.settleByReviewer, async ({ params, body, request }) =>
  settleByReviewer(await admitted(params.secret, request), params.comment, body.settled),
);
