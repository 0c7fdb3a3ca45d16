import * as api from '../../../../api/reviews.ts';
import { route } from '../../../../server/http/route.ts';
import { settle } from '../../../../server/reviews/comments.ts';

export const dynamic = 'force-dynamic';

export const PATCH = route(api.settleComment, ({ params, body }) => settle(params.id, body.settled));
