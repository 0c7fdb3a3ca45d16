import { db } from '../db/client.ts';
import { favourites, ownPictures } from '../db/schema.ts';
import { toOurselves } from '../db/testing.ts';

/**
 * For test files that put pictures on the shelf of the run's one database: it is empty when they begin, and no other file
 * changes it until they are done. besides: what else they need to themselves.
 */
export const shelfToOurselves = (...besides: 'queue'[]): void =>
  toOurselves(['own shelf', ...besides], async () => {
    await db().delete(ownPictures);
    await db().delete(favourites);
  });
