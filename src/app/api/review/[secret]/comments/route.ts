import * as api from '../../../../../api/reviews.ts';
import { route } from '../../../../../server/http/route.ts';
import { addComment } from '../../../../../server/reviews/comments.ts';
import { admitted } from '../../../../../server/reviews/links.ts';

export const dynamic = 'force-dynamic';

export const POST = route(api.addComment, async ({ params, body, request }) => ({
  id: await addComment(await admitted(params.secret, request), body),
}));
