import { pieceBundle } from '../../../../../api/pieces.ts';
import { plainName } from '../../../../../core/deliver/name.ts';
import { bundleOf } from '../../../../../server/exchange/bundle.ts';
import { zipped } from '../../../../../server/exchange/zip.ts';
import { streamedResponse } from '../../../../../server/http/files.ts';
import { route } from '../../../../../server/http/route.ts';

export const dynamic = 'force-dynamic';

export const GET = route(pieceBundle, async ({ params }) => {
  const { title, parts } = await bundleOf(params.id);
  return streamedResponse(zipped(parts), 'application/zip', `${plainName(title)}.nabbet`);
});
