import { paintPicture } from '../../../../api/shelf.ts';
import { route } from '../../../../server/http/route.ts';
import { paintToOrder } from '../../../../server/shelf/painter.ts';

export const POST = route(paintPicture, ({ body }) => paintToOrder(body));
