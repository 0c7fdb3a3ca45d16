import { afterAll, describe, expect, it } from 'vitest';
import type { HistoryEntry } from '../../api/pieces.ts';
import type { Edit } from '../../core/piece/edit.ts';
import { piece, scene } from '../../core/piece/testing.ts';
import { closeDatabase } from '../db/client.ts';
import {
  appendEntries,
  archivePiece,
  copyPiece,
  createPiece,
  history,
  listPieces,
  loadPiece,
} from './pieces.ts';

afterAll(closeDatabase);

const words = (id: string, shown: string): Edit => ({
  label: 'Type',
  ops: [{ op: 'scene', id, patch: { shown } }],
});
const entry = (id: string, edit: Edit): HistoryEntry => ({ id, kind: 'do', ref: null, edit });
const shown = async (id: string) => (await loadPiece(id))?.piece.scenes.map((s) => s.shown);

describe('a stored piece', () => {
  it('keeps an edit once when the same request arrives twice', async () => {
    const id = await createPiece(piece([scene('a', 'Before.')]));
    const one = [entry('entry-1', words('a', 'After.'))];
    expect(await appendEntries(id, 0, one)).toEqual({ status: 'saved', rev: 1 });
    expect(await appendEntries(id, 0, one)).toEqual({ status: 'saved', rev: 1 });
    expect(await history(id)).toHaveLength(1);
    expect(await shown(id)).toEqual(['After.']);
  });

  it('tells the slower of two writers what came between, and takes the edit on top of it', async () => {
    const id = await createPiece(piece([scene('a', 'A.'), scene('b', 'B.')]));
    await appendEntries(id, 0, [entry('first-1', words('a', 'By the first.'))]);
    const late = [entry('second-1', words('b', 'By the second.'))];
    const answer = await appendEntries(id, 0, late);
    expect(answer).toMatchObject({ status: 'behind', rev: 1, since: [{ id: 'first-1' }] });
    expect(await appendEntries(id, 1, late)).toEqual({ status: 'saved', rev: 2 });
    expect(await shown(id)).toEqual(['By the first.', 'By the second.']);
  });

  it('stores nothing of a request of which one edit is refused', async () => {
    const id = await createPiece(piece([scene('a', 'A.')]));
    const answer = await appendEntries(id, 0, [
      entry('good-1', words('a', 'Good.')),
      entry('bad-1', words('gone', 'Bad.')),
    ]);
    expect(answer.status).toBe('refused');
    expect(await shown(id)).toEqual(['A.']);
    expect(await history(id)).toEqual([]);
  });

  it('serves more writers at once than there are connections', async () => {
    const id = await createPiece(piece([scene('a', 'A.')]));
    await appendEntries(id, 0, [entry('first-1', words('a', 'First.'))]);
    const answers = await Promise.all(
      Array.from({ length: 24 }, (_, i) =>
        appendEntries(id, 0, [entry(`late-${i}-x`, words('a', `Late ${i}.`))]),
      ),
    );
    expect(answers.map((a) => a.status)).toEqual(Array(24).fill('behind'));
    expect(await shown(id)).toEqual(['First.']);
  });

  it('undoes from what was stored', async () => {
    const id = await createPiece(piece([scene('a', 'Before.')]));
    await appendEntries(id, 0, [entry('do-1', words('a', 'After.'))]);
    const [done] = await history(id);
    if (!done) throw new Error('Nothing was stored.');
    await appendEntries(id, 1, [{ id: 'undo-1', kind: 'undo', ref: 'do-1', edit: done.inverse }]);
    expect(await shown(id)).toEqual(['Before.']);
  });

  it('is copied with a name of its own, put away and brought back', async () => {
    const id = await createPiece(piece([scene('a', 'A.')], { title: 'Lanterns' }));
    const copy = await copyPiece(id);
    if (!copy) throw new Error('There is no copy.');
    await appendEntries(copy, 0, [entry('copy-1', words('a', 'Of the copy.'))]);
    expect(await shown(id)).toEqual(['A.']);
    const titles = async () => (await listPieces()).map((p) => p.title);
    expect(await titles()).toEqual(expect.arrayContaining(['Lanterns', 'Lanterns (copy)']));
    await archivePiece(id, true);
    expect(await titles()).not.toContain('Lanterns');
    await archivePiece(id, false);
    expect(await titles()).toContain('Lanterns');
  });

  it('that is not there is said to be missing', async () => {
    expect(await loadPiece('nothing-here')).toBeNull();
    expect(await copyPiece('nothing-here')).toBeNull();
    expect(await archivePiece('nothing-here', true)).toBe(false);
    expect(await appendEntries('nothing-here', 0, [entry('x-12345', words('a', 'x'))])).toEqual({
      status: 'missing',
    });
  });
});
