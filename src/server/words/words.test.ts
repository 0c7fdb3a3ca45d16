import { afterAll, describe, expect, it } from 'vitest';
import { closeDatabase } from '../db/client.ts';
import { addWord, listWords, removeWord } from './words.ts';

afterAll(closeDatabase);

describe('the own word list', () => {
  it('keeps a word once, in order, and forgets it', async () => {
    for (const w of ['weirside', 'bobbin', 'weirside']) await addWord(w);
    expect(await listWords()).toEqual(['bobbin', 'weirside']);
    await removeWord('bobbin');
    await removeWord('bobbin');
    expect(await listWords()).toEqual(['weirside']);
  });

  it('tells words apart that differ by an accent only', async () => {
    await addWord('resume');
    await addWord('résumé');
    await removeWord('resume');
    expect(await listWords()).toContain('résumé');
    expect(await listWords()).not.toContain('resume');
  });
});
