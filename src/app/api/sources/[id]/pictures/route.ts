import { fetchSourcePictures } from '../../../../../api/sources.ts';
import { route } from '../../../../../server/http/route.ts';
import { bringPictures } from '../../../../../server/sources/sources.ts';

export const POST = route(fetchSourcePictures, ({ params }) => bringPictures(params.id));
