import { eq } from 'drizzle-orm';
import { type Destination, destinationsSchema, FIRST_DESTINATIONS } from '../../core/kit/destinations.ts';
import { db } from '../db/client.ts';
import { json } from '../db/json.ts';
import { settings } from '../db/schema.ts';

const NAME = 'destinations';

/** Where posts go; what is shipped until somebody has said it. */
export async function listDestinations(): Promise<Destination[]> {
  const [row] = await db().select().from(settings).where(eq(settings.name, NAME));
  const { error, value } = destinationsSchema.validate(row ? json(row.value) : null);
  return error ? [...FIRST_DESTINATIONS] : value;
}

export async function putDestinations(list: readonly Destination[]): Promise<void> {
  const now = { value: list, at: new Date() };
  await db()
    .insert(settings)
    .values({ name: NAME, ...now })
    .onDuplicateKeyUpdate({ set: now });
}
