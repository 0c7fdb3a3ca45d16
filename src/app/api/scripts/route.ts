import { readScriptFile } from '../../../api/sources.ts';
import { route } from '../../../server/http/route.ts';
import { scriptFrom } from '../../../server/sources/sources.ts';

export const PUT = route(readScriptFile, async ({ query, bytes }) => ({
  text: await scriptFrom(bytes, query.name),
}));
