import { readSourceFile } from '../../../../api/sources.ts';
import { route } from '../../../../server/http/route.ts';
import { createSource, readBrought } from '../../../../server/sources/sources.ts';

export const dynamic = 'force-dynamic';

export const PUT = route(readSourceFile, async ({ query, bytes }) => ({
  id: await createSource(await readBrought(bytes, query.name, query.as)),
}));
