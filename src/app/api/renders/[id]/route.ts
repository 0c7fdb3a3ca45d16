import { HttpError, route } from '../../../../server/http.ts';
import { deleteRender, getRender } from '../../../../server/renders/renders.ts';

type Context = { params: Promise<{ id: string }> };

export const dynamic = 'force-dynamic';

export const GET = route<Context>(async (_, { params }) => {
  const found = await getRender((await params).id);
  if (!found) throw new HttpError(404, 'There is no such render.');
  return Response.json(found);
});

export const DELETE = route<Context>(async (_, { params }) => {
  if (!(await deleteRender((await params).id)))
    throw new HttpError(409, 'A render that is under way is cancelled first, then removed.');
  return Response.json({ ok: true });
});
