import { renderVideo } from '../../../../api/material.ts';
import { deliveryKind } from '../../../../core/deliver/kinds.ts';
import { Failed } from '../../../../core/failure.ts';
import { fileResponse } from '../../../../server/http/files.ts';
import { route } from '../../../../server/http/route.ts';
import { getRender, renderFile, renderName } from '../../../../server/jobs/renders.ts';

export const dynamic = 'force-dynamic';

export const GET = route(renderVideo, async ({ params, query, request }) => {
  const found = await getRender(params.id);
  if (found.state !== 'done') throw new Failed({ code: 'no-video' });
  const download = query.download === undefined ? {} : { download: renderName(found) };
  return fileResponse(request, renderFile(found.id, found.kind), deliveryKind(found.kind).type, download);
});
