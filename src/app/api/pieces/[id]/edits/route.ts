import { appendEdits } from '../../../../../api/pieces.ts';
import { Refused, route } from '../../../../../server/http/route.ts';
import { appendEntries } from '../../../../../server/pieces/pieces.ts';

export const POST = route(appendEdits, async ({ params, body: { baseRev, entries } }) => {
  const { behind, rev } = await appendEntries(params.id, baseRev, entries);
  return behind ? new Refused({ code: 'behind' }, { ...behind }) : { rev };
});
