import { fileResponse, HttpError, route } from '../../../../server/http.ts';
import { trackFile } from '../../../../server/music/tracks.ts';

export const dynamic = 'force-dynamic';

export const GET = route<{ params: Promise<{ key: string }> }>(async (request, { params }) => {
  const file = trackFile((await params).key);
  if (!file) throw new HttpError(404, 'There is no such track.');
  return fileResponse(request, file, 'audio/flac', { immutable: true });
});
