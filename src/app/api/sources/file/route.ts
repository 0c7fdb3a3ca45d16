import { readSourceFile } from '../../../../api/sources.ts';
import { route } from '../../../../server/http/route.ts';
import { readFile } from '../../../../server/read/read.ts';
import { createSource } from '../../../../server/sources/sources.ts';

export const dynamic = 'force-dynamic';

export const PUT = route(readSourceFile, async ({ query, bytes }) => ({
  id: await createSource(await readFile(bytes, query.name, query.as)),
}));
