import { pieceBundle } from '../../../../../api/pieces.ts';
import { bundleOf } from '../../../../../server/exchange/bundle.ts';
import { zipped } from '../../../../../server/exchange/zip.ts';
import { fileTitle, streamedResponse } from '../../../../../server/http/files.ts';
import { route } from '../../../../../server/http/route.ts';

export const dynamic = 'force-dynamic';

export const GET = route(pieceBundle, async ({ params }) => {
  const { title, parts } = await bundleOf(params.id);
  return streamedResponse(zipped(parts), 'application/zip', `${fileTitle(title)}.nabbet`);
});
