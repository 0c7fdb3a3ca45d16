import { Failed } from '../../../core/failure.ts';
import { demoPage, demoPicture } from '../../../server/demo-web/serve.ts';
import { fileResponse } from '../../../server/http/files.ts';
import { guarded } from '../../../server/http/route.ts';

export const dynamic = 'force-dynamic';

/** The made-up web that ships with Nabbet, so that every way in can be tried without a network. */
export const GET = guarded(async (request, context) => {
  const path = [(await context?.params)?.path ?? []].flat();
  const picture =
    path.length === 2 && path[0] === 'pictures'
      ? await demoPicture((path[1] ?? '').replace(/\.webp$/, ''))
      : null;
  if (picture) return fileResponse(request, picture, 'image/webp');
  const page = await demoPage(path.join('/'));
  if (page === null) throw new Failed({ code: 'no-demo-page' });
  return new Response(page, { headers: { 'Content-Type': 'text/html; charset=utf-8' } });
});
