import { ownTrackSound } from '../../../../api/music.ts';
import { Failed } from '../../../../core/failure.ts';
import { fileResponse } from '../../../../server/http/files.ts';
import { route } from '../../../../server/http/route.ts';
import { ownTrackFile } from '../../../../server/music/own-tracks.ts';

export const dynamic = 'force-dynamic';

export const GET = route(ownTrackSound, async ({ params, request }) => {
  const file = ownTrackFile(params.id);
  if (!file) throw new Failed({ code: 'no-track' });
  return fileResponse(request, file, 'audio/flac', { immutable: true });
});
