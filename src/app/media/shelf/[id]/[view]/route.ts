import { blurredFile } from '../../../../../server/assets/lookup.ts';
import { fileResponse, HttpError, route } from '../../../../../server/http.ts';
import { shelf, shelfFile } from '../../../../../server/shelf/shelf.ts';

export const dynamic = 'force-dynamic';

/** A picture of the shelf: view is wide or tall; ?thumb for the small one, ?blurred for the soft one. The address carries the content hash. */
export const GET = route<{ params: Promise<{ id: string; view: string }> }>(async (request, { params }) => {
  const { id, view } = await params;
  const asked = new URL(request.url).searchParams;
  const thumb = asked.has('thumb');
  if (asked.has('blurred') && (view === 'wide' || view === 'tall')) {
    const soft = (await shelf()).entries.has(id) ? await blurredFile(id, view) : null;
    if (!soft) throw new HttpError(404, 'There is no such picture on the shelf.');
    return fileResponse(request, soft, 'image/png', { immutable: true });
  }
  const file = view === 'wide' || view === 'tall' ? await shelfFile(id, view, thumb) : null;
  if (!file) throw new HttpError(404, 'There is no such picture on the shelf.');
  const loop = (await shelf()).entries.get(id)?.kind === 'loop' && !thumb;
  return fileResponse(request, file, loop ? 'video/mp4' : 'image/webp', { immutable: true });
});
