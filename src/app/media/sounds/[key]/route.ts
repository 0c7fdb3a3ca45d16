import { clipSound } from '../../../../api/material.ts';
import { Failed } from '../../../../core/failure.ts';
import { clipSoundFile } from '../../../../server/assets/clip-sound.ts';
import { fileResponse } from '../../../../server/http/files.ts';
import { route } from '../../../../server/http/route.ts';

export const dynamic = 'force-dynamic';

export const GET = route(clipSound, async ({ params, request }) => {
  const file = clipSoundFile(params.key);
  if (!file) throw new Failed({ code: 'no-clip' });
  return fileResponse(request, file, 'audio/wav', { immutable: true });
});
