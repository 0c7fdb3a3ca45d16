import { assetFile } from '../../../../server/assets/record.ts';
import { fileResponse, HttpError, route } from '../../../../server/http.ts';

export const dynamic = 'force-dynamic';

/** A picture that was brought in, or the poster of a clip; ?thumb for the small one. Its id is its content. */
export const GET = route<{ params: Promise<{ id: string }> }>(async (request, { params }) => {
  const thumb = new URL(request.url).searchParams.has('thumb');
  const file = await assetFile((await params).id, thumb ? 'thumb' : 'picture');
  if (!file) throw new HttpError(404, 'There is no such picture.');
  return fileResponse(request, file, 'image/webp', { immutable: true });
});
