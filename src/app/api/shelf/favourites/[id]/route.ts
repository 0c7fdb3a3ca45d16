import { favourPicture } from '../../../../../api/shelf.ts';
import { route } from '../../../../../server/http/route.ts';
import { setFavourite } from '../../../../../server/shelf/own.ts';

export const PUT = route(favourPicture, ({ params, body }) => setFavourite(params.id, body.on));
