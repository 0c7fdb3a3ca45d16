import { searchShelf } from '../../../../api/shelf.ts';
import { match } from '../../../../server/apart/apart.ts';
import { route } from '../../../../server/http/route.ts';

export const POST = route(searchShelf, ({ body }) => match('search', body));
