import { trackSound } from '../../../../api/material.ts';
import { Failed } from '../../../../core/failure.ts';
import { fileResponse } from '../../../../server/http/files.ts';
import { route } from '../../../../server/http/route.ts';
import { trackFile } from '../../../../server/music/tracks.ts';

export const dynamic = 'force-dynamic';

export const GET = route(trackSound, async ({ params, request }) => {
  const file = trackFile(params.key);
  if (!file) throw new Failed({ code: 'no-track' });
  return fileResponse(request, file, 'audio/flac', { immutable: true });
});
