import { reviewVideo } from '../../../../../api/reviews.ts';
import { deliveryKind } from '../../../../../core/deliver/kinds.ts';
import { fileResponse } from '../../../../../server/http/files.ts';
import { route } from '../../../../../server/http/route.ts';
import { admitted } from '../../../../../server/reviews/links.ts';
import { versionFile } from '../../../../../server/reviews/page.ts';

export const dynamic = 'force-dynamic';

export const GET = route(reviewVideo, async ({ params, request }) => {
  const link = await admitted(params.secret, request);
  return fileResponse(request, await versionFile(link, Number(params.version)), deliveryKind('mp4').type);
});
