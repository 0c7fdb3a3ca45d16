import { demoPage, demoPicture } from '../../../server/demo-web/serve.ts';
import { fileResponse, HttpError, route } from '../../../server/http.ts';

export const dynamic = 'force-dynamic';

/** The made-up web that ships with Nabbet, so that every way in can be tried without a network. */
export const GET = route<{ params: Promise<{ path: string[] }> }>(async (request, { params }) => {
  const { path } = await params;
  const picture =
    path.length === 2 && path[0] === 'pictures'
      ? await demoPicture((path[1] ?? '').replace(/\.webp$/, ''))
      : null;
  if (picture) return fileResponse(request, picture, 'image/webp');
  const page = await demoPage(path.join('/'));
  if (page === null) throw new HttpError(404, 'There is no such page in the made-up web.');
  return new Response(page, { headers: { 'Content-Type': 'text/html; charset=utf-8' } });
});
