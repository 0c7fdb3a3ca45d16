import { planPicture } from '../../../../../api/shelf.ts';
import { route } from '../../../../../server/http/route.ts';
import { planPainting } from '../../../../../server/shelf/painter.ts';

export const POST = route(planPicture, ({ body }) => planPainting(body));
