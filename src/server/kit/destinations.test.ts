import { eq } from 'drizzle-orm';
import { afterAll, beforeEach, describe, expect, it } from 'vitest';
import { type Destination, FIRST_DESTINATIONS } from '../../core/kit/destinations.ts';
import { closeDatabase, db } from '../db/client.ts';
import { settings } from '../db/schema.ts';
import { listDestinations, putDestinations } from './destinations.ts';

afterAll(closeDatabase);
beforeEach(() => db().delete(settings));

describe('where posts go', () => {
  it('is what is shipped until somebody says it', async () => {
    expect(await listDestinations()).toEqual(FIRST_DESTINATIONS);
    const mine = [{ ...(FIRST_DESTINATIONS[1] as Destination), name: 'The town’s paper', letters: 700 }];
    await putDestinations(mine);
    expect(await listDestinations()).toEqual(mine);
    await putDestinations(FIRST_DESTINATIONS);
    expect(await listDestinations()).toHaveLength(FIRST_DESTINATIONS.length);
  });

  it('is what is shipped when what is stored cannot be read', async () => {
    await putDestinations(FIRST_DESTINATIONS);
    await db()
      .update(settings)
      .set({ value: [{ nonsense: true }] })
      .where(eq(settings.name, 'destinations'));
    expect(await listDestinations()).toEqual(FIRST_DESTINATIONS);
  });
});
