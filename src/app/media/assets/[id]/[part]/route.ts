import { type ASSET_PARTS, assetPart } from '../../../../../api/material.ts';
import { Failed } from '../../../../../core/failure.ts';
import { blurredFile } from '../../../../../server/assets/lookup.ts';
import { assetFile, playableFile } from '../../../../../server/assets/record.ts';
import { fileResponse } from '../../../../../server/http/files.ts';
import { route } from '../../../../../server/http/route.ts';

export const dynamic = 'force-dynamic';

type Part = { type: string; file: (id: string) => Promise<string | null> };

const PARTS: Record<(typeof ASSET_PARTS)[number], Part> = {
  proxy: { type: 'video/mp4', file: (id) => assetFile(id, 'proxy') },
  clip: { type: 'video/mp4', file: playableFile },
  strip: { type: 'image/webp', file: (id) => assetFile(id, 'strip') },
  blurred: { type: 'image/png', file: (id) => blurredFile(id, 'wide') },
};

export const GET = route(assetPart, async ({ params: { id, part }, request }) => {
  const { type, file } = PARTS[part];
  const found = await file(id);
  if (!found) throw new Failed({ code: 'no-file' });
  return fileResponse(request, found, type, { immutable: true });
});
