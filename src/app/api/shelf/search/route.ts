import { searchShelf } from '../../../../api/shelf.ts';
import { route } from '../../../../server/http/route.ts';
import { search } from '../../../../server/shelf/search.ts';

export const POST = route(searchShelf, ({ body }) => search(body));
