import { fileResponse, HttpError, route } from '../../../../server/http.ts';
import { getRender, renderFile } from '../../../../server/renders/renders.ts';

export const dynamic = 'force-dynamic';

export const GET = route<{ params: Promise<{ id: string }> }>(async (request, { params }) => {
  const found = await getRender((await params).id);
  if (found?.state !== 'done') throw new HttpError(404, 'There is no such video yet.');
  const download = new URL(request.url).searchParams.has('download');
  const name = `${
    found.title
      .replace(/[^\p{L}\p{N} _-]+/gu, '')
      .trim()
      .slice(0, 80) || 'video'
  } ${found.format.replace(':', 'x')} ${found.height}p.mp4`;
  return fileResponse(request, renderFile(found.id), 'video/mp4', download ? { download: name } : {});
});
