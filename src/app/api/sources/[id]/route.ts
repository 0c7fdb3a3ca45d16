import { route } from '../../../../server/http.ts';
import { loadSource, putAway } from '../../../../server/sources/sources.ts';

export const dynamic = 'force-dynamic';

type Params = { params: Promise<{ id: string }> };

export const GET = route<Params>(async (_, { params }) => Response.json(await loadSource((await params).id)));

/** Puts an outline away; nothing is deleted. */
export const DELETE = route<Params>(async (_, { params }) => {
  await putAway((await params).id);
  return Response.json({ ok: true });
});
