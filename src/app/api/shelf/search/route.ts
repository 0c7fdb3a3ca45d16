import { body, route } from '../../../../server/http.ts';
import { type Search, search, searchSchema } from '../../../../server/shelf/search.ts';

export const POST = route(async (request) =>
  Response.json(await search(await body<Search>(request, searchSchema))),
);
