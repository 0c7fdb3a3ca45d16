import * as api from '../../../../api/reviews.ts';
import { route } from '../../../../server/http/route.ts';
import { changeReview } from '../../../../server/reviews/links.ts';

export const dynamic = 'force-dynamic';

export const PATCH = route(api.changeReview, ({ params, body }) => changeReview(params.id, body));
