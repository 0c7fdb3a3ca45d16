import * as api from '../../../../api/reviews.ts';
import { route } from '../../../../server/http/route.ts';
import { admitted } from '../../../../server/reviews/links.ts';
import { reviewPage } from '../../../../server/reviews/page.ts';

export const dynamic = 'force-dynamic';

export const GET = route(api.openReview, async ({ params, request }) =>
  reviewPage(await admitted(params.secret, request)),
);
