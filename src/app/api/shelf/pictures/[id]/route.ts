import { getPicture } from '../../../../../api/shelf.ts';
import { route } from '../../../../../server/http/route.ts';
import { entryView } from '../../../../../server/shelf/search.ts';

export const dynamic = 'force-dynamic';

export const GET = route(getPicture, ({ params }) => entryView(params.id));
