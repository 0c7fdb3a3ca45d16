import * as api from '../../../../../api/reviews.ts';
import { route } from '../../../../../server/http/route.ts';
import { answerComment } from '../../../../../server/reviews/comments.ts';

export const dynamic = 'force-dynamic';

export const POST = route(api.answerComment, async ({ params, body }) => ({
  id: await answerComment(params.id, body.text),
}));
