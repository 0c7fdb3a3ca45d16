import { HttpError, route } from '../../../../../server/http.ts';
import { cancelRender } from '../../../../../server/renders/renders.ts';

export const POST = route<{ params: Promise<{ id: string }> }>(async (_, { params }) => {
  if (!(await cancelRender((await params).id))) throw new HttpError(409, 'This render is over already.');
  return Response.json({ ok: true });
});
