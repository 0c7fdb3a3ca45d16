import { sql } from 'drizzle-orm';
import { db } from '../../../server/db/client.ts';
import { route } from '../../../server/http.ts';
import { embedder } from '../../../server/shelf/embedder.ts';
import { shelf } from '../../../server/shelf/shelf.ts';

export const dynamic = 'force-dynamic';

/** Answers when the database does and the sentence model is loaded. */
export const GET = route(async () => {
  await db().execute(sql`SELECT 1`);
  await embedder.embed(['ready']);
  return Response.json({ ok: true, pictures: (await shelf()).entries.size });
});
