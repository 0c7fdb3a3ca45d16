import { HttpError, route } from '../../../../../server/http.ts';
import { copyPiece } from '../../../../../server/pieces/pieces.ts';

export const POST = route<{ params: Promise<{ id: string }> }>(async (_, { params }) => {
  const id = await copyPiece((await params).id);
  if (!id) throw new HttpError(404, 'There is no such piece.');
  return Response.json({ id }, { status: 201 });
});
