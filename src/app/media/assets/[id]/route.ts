import { assetPicture } from '../../../../api/material.ts';
import { Failed } from '../../../../core/failure.ts';
import { assetFile } from '../../../../server/assets/record.ts';
import { fileResponse } from '../../../../server/http/files.ts';
import { route } from '../../../../server/http/route.ts';

export const dynamic = 'force-dynamic';

export const GET = route(assetPicture, async ({ params, query, request }) => {
  const file = await assetFile(params.id, query.thumb === undefined ? 'picture' : 'thumb');
  if (!file) throw new Failed({ code: 'no-picture' });
  return fileResponse(request, file, 'image/webp', { immutable: true });
});
