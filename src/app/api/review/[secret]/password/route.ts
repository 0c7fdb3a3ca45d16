import * as api from '../../../../../api/reviews.ts';
import { route } from '../../../../../server/http/route.ts';
import { enter } from '../../../../../server/reviews/links.ts';

export const dynamic = 'force-dynamic';

export const POST = route(
  api.enterReview,
  async ({ params, body }) =>
    new Response(null, {
      status: 204,
      headers: { 'Set-Cookie': await enter(params.secret, body.password) },
    }),
);
