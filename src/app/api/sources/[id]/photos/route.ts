import * as api from '../../../../../api/sources.ts';
import { route } from '../../../../../server/http/route.ts';
import { bringPhoto, removePhotos } from '../../../../../server/sources/sources.ts';

export const POST = route(api.addPhoto, ({ params, body }) => bringPhoto(params.id, body));

export const DELETE = route(api.removePhotos, async ({ params, body }) => ({
  photos: (await removePhotos(params.id, body.ids)).photos,
}));
