import { describePicture, shelvePicture } from '../../../../../api/shelf.ts';
import { route } from '../../../../../server/http/route.ts';
import { describeOwn, shelveAgain } from '../../../../../server/shelf/own.ts';

export const PATCH = route(describePicture, ({ params, body }) => describeOwn(params.id, body));

export const PUT = route(shelvePicture, ({ params, body }) => shelveAgain(params.id, body.on));
