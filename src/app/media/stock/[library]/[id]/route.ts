import { offerPreview } from '../../../../../api/stock.ts';
import { route } from '../../../../../server/http/route.ts';
import { stockPreview } from '../../../../../server/stock/stock.ts';

export const dynamic = 'force-dynamic';

export const GET = route(offerPreview, async ({ params }) => {
  const bytes = await stockPreview(params.library, params.id);
  return new Response(new Uint8Array(bytes), {
    headers: { 'content-type': 'image/webp', 'cache-control': 'private, max-age=3600' },
  });
});
