import { appendOutlineEdits } from '../../../../../api/sources.ts';
import { Refused, route } from '../../../../../server/http/route.ts';
import { appendOutlineEntries } from '../../../../../server/sources/edits.ts';

export const POST = route(appendOutlineEdits, async ({ params, body: { baseRev, entries } }) => {
  const { behind, rev } = await appendOutlineEntries(params.id, baseRev, entries);
  return behind ? new Refused({ code: 'behind' }, { ...behind }) : { rev };
});
