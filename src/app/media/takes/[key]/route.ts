import { fileResponse, HttpError, route } from '../../../../server/http.ts';
import { takeFile } from '../../../../server/speech/takes.ts';

export const dynamic = 'force-dynamic';

export const GET = route<{ params: Promise<{ key: string }> }>(async (request, { params }) => {
  const file = takeFile((await params).key);
  if (!file) throw new HttpError(404, 'There is no such take.');
  return fileResponse(request, file, 'audio/wav', { immutable: true });
});
