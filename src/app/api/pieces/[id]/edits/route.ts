import { body, HttpError, route } from '../../../../../server/http.ts';
import { appendEntries, entriesSchema, type HistoryEntry } from '../../../../../server/pieces/pieces.ts';

export const POST = route<{ params: Promise<{ id: string }> }>(async (request, { params }) => {
  const { baseRev, entries } = await body<{ baseRev: number; entries: HistoryEntry[] }>(
    request,
    entriesSchema,
  );
  const result = await appendEntries((await params).id, baseRev, entries);
  switch (result.status) {
    case 'saved':
      return Response.json({ rev: result.rev });
    case 'behind':
      return Response.json(
        { error: 'Somebody else edited this piece.', rev: result.rev, since: result.since },
        { status: 409 },
      );
    case 'refused':
      throw new HttpError(422, result.message);
    case 'missing':
      throw new HttpError(404, 'There is no such piece.');
  }
});
