import * as api from '../../../../../api/material.ts';
import { Failed } from '../../../../../core/failure.ts';
import { clipSoundFile } from '../../../../../server/assets/clip-sound.ts';
import { fileResponse } from '../../../../../server/http/files.ts';
import { route } from '../../../../../server/http/route.ts';

export const dynamic = 'force-dynamic';

export const GET = route(api.clipSound, async ({ params, query, request }) => {
  const sound = await clipSoundFile({ assetId: params.id, ...query });
  if (!sound) throw new Failed({ code: 'no-clip' });
  return fileResponse(request, sound, 'audio/wav', { immutable: true });
});
