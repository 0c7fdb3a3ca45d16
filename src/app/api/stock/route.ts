import { searchLibraries, takeOffer } from '../../../api/stock.ts';
import { route } from '../../../server/http/route.ts';
import { searchStock, takeStock } from '../../../server/stock/stock.ts';

export const dynamic = 'force-dynamic';

export const GET = route(searchLibraries, ({ query }) => searchStock(query.words));
export const POST = route(takeOffer, async ({ body }) => ({ assetId: await takeStock(body) }));
