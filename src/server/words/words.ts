import { asc, eq } from 'drizzle-orm';
import { db } from '../db/client.ts';
import { ownWords } from '../db/schema.ts';

/** The installation's own word list, in order. */
export async function listWords(): Promise<string[]> {
  const rows = await db().select({ word: ownWords.word }).from(ownWords).orderBy(asc(ownWords.word));
  return rows.map((r) => r.word);
}

export async function addWord(word: string): Promise<void> {
  await db().insert(ownWords).values({ word, at: new Date() }).onDuplicateKeyUpdate({ set: { word } });
}

export async function removeWord(word: string): Promise<void> {
  await db().delete(ownWords).where(eq(ownWords.word, word));
}
