import { eq } from 'drizzle-orm';
import { afterAll, describe, expect, it } from 'vitest';
import type { HistoryEntry } from '../../api/edits.ts';
import { failureOf } from '../../core/failure.ts';
import { type Edit, sceneEdit } from '../../core/piece/edit.ts';
import { piece, scene } from '../../core/piece/testing.ts';
import { closeDatabase, db } from '../db/client.ts';
import { pieces } from '../db/schema.ts';
import { entriesAfter } from './history.ts';
import { appendEntries, createPiece, exportPiece, loadPiece, openPiece } from './pieces.ts';

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
    expect(answer).toMatchObject({ behind: { rev: 1, since: [{ id: 'first-1' }] } });
    expect(await appendEntries(id, 1, late)).toEqual({ rev: 2 });
    expect(await shown(id)).toEqual(['By the first.', 'By the second.']);
  });

  it('tells what others did also to who only missed the answer', async () => {
    const id = await createPiece(piece([scene('a', 'A.'), scene('b', 'B.')]));
    const mine = [entry('mine-1', words('a', 'Mine.'))];
    expect(await appendEntries(id, 0, mine)).toEqual({ rev: 1 });
    await appendEntries(id, 1, [entry('theirs-1', words('b', 'Theirs.'))]);
    expect(await appendEntries(id, 0, mine)).toMatchObject({
      behind: { rev: 2, since: [{ id: 'mine-1' }, { id: 'theirs-1' }] },
    });
    expect(await history(id)).toHaveLength(2);
  });

  it('tells who has the same edits in another order than they were stored in', async () => {
    const id = await createPiece(piece([scene('a', 'A.'), scene('b', 'B.')]));
    const [mine, left] = [
      entry('mine-1', words('a', 'Mine.')),
      entry('left-1', words('b', 'Of a window that is gone.')),
    ];
    await appendEntries(id, 0, [left]);
    expect(await appendEntries(id, 0, [mine, left])).toMatchObject({
      behind: { rev: 1, since: [{ id: 'left-1' }], known: [] },
    });
    expect(await appendEntries(id, 1, [mine, left])).toMatchObject({
      behind: { rev: 1, since: [], known: ['left-1'] },
    });
    expect(await appendEntries(id, 0, [left, mine])).toEqual({ rev: 2 });
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
    expect(answers.every((a) => a.behind?.since.length === 1)).toBe(true);
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

  it('that cannot be read refuses edits, and can be exported as it is', async () => {
    const id = await createPiece(piece([scene('a', 'A.')], { title: 'Damaged one' }));
    await appendEntries(id, 0, [entry('first-1', words('a', 'First.'))]);
    const doc = { ...(await loadPiece(id)).piece, version: 3, format: 'round' };
    await db().update(pieces).set({ doc, format: null }).where(eq(pieces.id, id));
    for (const ask of [loadPiece, openPiece]) expect(await failed(ask(id))).toBe('damaged-piece');
    expect(await failed(appendEntries(id, 1, [entry('more-1', words('a', 'x'))]))).toBe('damaged-piece');
    expect(await exportPiece(id)).toMatchObject({
      title: 'Damaged one',
      rev: 1,
      doc: { format: 'round', scenes: [{ shown: 'First.' }] },
      edits: [{ seq: 1, kind: 'do' }],
    });
  });

  it('is not stored when it could not be read again', async () => {
    const bad = piece([scene('a', 'A.', { brief: 'x'.repeat(301) })]);
    await expect(createPiece(bad)).rejects.toThrow(/cannot be stored/);
  });

  it('that is not there is said to be missing', async () => {
    const edit = [entry('x-12345', words('a', 'x'))];
    for (const ask of [loadPiece, openPiece]) expect(await failed(ask('nothing-here'))).toBe('no-piece');
    expect(await failed(appendEntries('nothing-here', 0, edit))).toBe('no-piece');
  });
});
