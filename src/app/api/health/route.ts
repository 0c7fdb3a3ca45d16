import { sql } from 'drizzle-orm';
import { health } from '../../../api/material.ts';
import { match } from '../../../server/apart/apart.ts';
import { db } from '../../../server/db/client.ts';
import { route } from '../../../server/http/route.ts';
import { shelf } from '../../../server/shelf/shelf.ts';

export const dynamic = 'force-dynamic';

export const GET = route(health, async () => {
  await db().execute(sql`SELECT 1`);
  await match('meanings', ['ready']);
  return { pictures: (await shelf()).entries.size };
});
