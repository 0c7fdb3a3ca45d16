import { route } from '../../../../../server/http.ts';
import { pieceFromSource } from '../../../../../server/sources/sources.ts';

/** Makes the piece that the outline describes. */
export const POST = route<{ params: Promise<{ id: string }> }>(async (_, { params }) =>
  Response.json({ id: await pieceFromSource((await params).id) }, { status: 201 }),
);
