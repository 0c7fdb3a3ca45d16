import { pictureFact } from '../../../../../server/assets/lookup.ts';
import { HttpError, route } from '../../../../../server/http.ts';
import { entryView } from '../../../../../server/shelf/search.ts';

export const dynamic = 'force-dynamic';

/** One picture of the shelf, as it is now: for a clip, how far its copy for playing is. */
export const GET = route<{ params: Promise<{ id: string }> }>(async (_, { params }) => {
  const { id } = await params;
  if (!(await pictureFact(id))) throw new HttpError(404, 'There is no such picture.');
  return Response.json(await entryView(id));
});
