import * as api from '../../../../../api/reviews.ts';
import { route } from '../../../../../server/http/route.ts';
import { createReview } from '../../../../../server/reviews/links.ts';
import { reviewState } from '../../../../../server/reviews/page.ts';

export const dynamic = 'force-dynamic';

export const GET = route(api.listReviews, ({ params }) => reviewState(params.id));

export const POST = route(api.createReview, ({ params, body }) => createReview(params.id, body));
