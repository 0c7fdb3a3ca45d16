import { afterAll, describe, expect, it } from 'vitest';
import type { HistoryEntry } from '../../api/pieces.ts';
import { failureOf } from '../../core/failure.ts';
import { type Edit, sceneEdit } from '../../core/piece/edit.ts';
import { piece, scene } from '../../core/piece/testing.ts';
import { closeDatabase, db } from '../db/client.ts';
import { entriesAfter } from './history.ts';
import {
  appendEntries,
  archivePiece,
  copyPiece,
  createPiece,
  listPieces,
  loadPiece,
  openPiece,
} from './pieces.ts';

afterAll(closeDatabase);

const words = (id: string, shown: string): Edit => sceneEdit('type', id, { shown });
const history = (id: string) => entriesAfter(id, 0, db());
const failed = (work: Promise<unknown>) =>
  work.then(
    () => null,
    (e: unknown) => failureOf(e).code,
  );
const entry = (id: string, edit: Edit): HistoryEntry => ({ id, kind: 'do', ref: null, edit });
const shown = async (id: string) => (await loadPiece(id)).piece.scenes.map((s) => s.shown);

describe('a stored piece', () => {
  it('keeps an edit once when the same request arrives twice', async () => {
    const id = await createPiece(piece([scene('a', 'Before.')]));
    const one = [entry('entry-1', words('a', 'After.'))];
    expect(await appendEntries(id, 0, one)).toEqual({ rev: 1 });
    expect(await appendEntries(id, 0, one)).toEqual({ rev: 1 });
    expect(await history(id)).toHaveLength(1);
    expect(await shown(id)).toEqual(['After.']);
  });

  it('tells the slower of two writers what came between, and takes the edit on top of it', async () => {
    const id = await createPiece(piece([scene('a', 'A.'), scene('b', 'B.')]));
    await appendEntries(id, 0, [entry('first-1', words('a', 'By the first.'))]);
    const late = [entry('second-1', words('b', 'By the second.'))];
    const answer = await appendEntries(id, 0, late);
    expect(answer).toMatchObject({ rev: 1, behind: [{ id: 'first-1' }] });
    expect(await appendEntries(id, 1, late)).toEqual({ rev: 2 });
    expect(await shown(id)).toEqual(['By the first.', 'By the second.']);
  });

  it('stores nothing of a request of which one edit is refused', async () => {
    const id = await createPiece(piece([scene('a', 'A.')]));
    const both = [entry('good-1', words('a', 'Good.')), entry('bad-1', words('gone', 'Bad.'))];
    expect(await failed(appendEntries(id, 0, both))).toBe('edit-refused');
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
    expect(answers.every((a) => a.behind?.length === 1)).toBe(true);
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
    const edit = [entry('x-12345', words('a', 'x'))];
    for (const ask of [loadPiece, openPiece, copyPiece])
      expect(await failed(ask('nothing-here'))).toBe('no-piece');
    expect(await failed(archivePiece('nothing-here', true))).toBe('no-piece');
    expect(await failed(appendEntries('nothing-here', 0, edit))).toBe('no-piece');
  });
});
