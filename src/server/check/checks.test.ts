import { rm, stat, utimes, writeFile } from 'node:fs/promises';
import { and, eq } from 'drizzle-orm';
import { afterAll, beforeEach, describe, expect, it } from 'vitest';
import { sceneEdit } from '../../core/piece/edit.ts';
import { piece, scene } from '../../core/piece/testing.ts';
import { placed, plainVoice } from '../../core/piece/types.ts';
import { emptySource } from '../../core/source/types.ts';
import { dataPath } from '../config.ts';
import { closeDatabase, db } from '../db/client.ts';
import { edits, ownPictures, pieces, renders, sources } from '../db/schema.ts';
import { claimJob, finishJob, getRender, renderFile, requestRender } from '../jobs/renders.ts';
import { appendEntries, createPiece } from '../pieces/pieces.ts';
import { createSource } from '../sources/sources.ts';
import { takeFile, takeOf } from '../speech/takes.ts';
import { writeWhole } from '../store/files.ts';
import { STORED_CHECKS } from './checks.ts';

const now = new Date('2026-05-06T07:08:09.000Z');
const check = async (of: string) => {
  const found = STORED_CHECKS.find((c) => c.of === of);
  if (!found) throw new Error(`There is no check of ${of}.`);
  return (await found.run(now)).findings;
};
const write = (id: string, shown: string) => ({
  ...{ id, kind: 'do' as const, ref: null },
  edit: sceneEdit('type', 'a', { shown }),
});
const edited = async (title: string) => {
  const id = await createPiece(piece([scene('a', 'A.')], { title }));
  await appendEntries(id, 0, [write('edit-1', 'B.'), write('edit-2', 'C.'), write('edit-3', 'D.')]);
  return id;
};
const at = (id: string, seq: number) => and(eq(edits.pieceId, id), eq(edits.seq, seq));

beforeEach(async () => {
  for (const table of [pieces, edits, renders, sources, ownPictures]) await db().delete(table);
  for (const folder of ['assets', 'takes', 'renders', 'segments'])
    await rm(dataPath(folder), { recursive: true, force: true });
});
afterAll(closeDatabase);

describe('what is stored', () => {
  it('is well when nothing is wrong', async () => {
    await edited('Well');
    await createSource({ ...emptySource('photos', { kind: 'photos', count: 0 }), title: 'Photos' });
    for (const { of } of STORED_CHECKS) expect(await check(of), of).toEqual([]);
  });

  it('is found wanting: a gap, a history that ends early or leads elsewhere, an edit or a piece that cannot be read', async () => {
    const gap = await edited('Gap');
    await db().delete(edits).where(at(gap, 2));
    const early = await edited('Early');
    await db().delete(edits).where(at(early, 3));
    const elsewhere = await edited('Elsewhere');
    const other = sceneEdit('type', 'nobody', { shown: 'x' });
    await db().update(edits).set({ inverse: other }).where(at(elsewhere, 2));
    const unread = await edited('Unread');
    await db()
      .update(edits)
      .set({ ops: { name: '?' } })
      .where(at(unread, 2));
    const damaged = await edited('Damaged');
    await db()
      .update(pieces)
      .set({ doc: { version: 4, scenes: 'many' } })
      .where(eq(pieces.id, damaged));
    const found = await check('pieces');
    for (const [id, words] of [
      [gap, /a gap before edit 3/],
      [early, /at revision 3, its history ends at 2/],
      [elsewhere, /does not lead/],
      [unread, /1 of its 3 edits cannot be read/],
      [damaged, /cannot be read.*kept as a file/],
    ] as const)
      expect(found.filter((f) => f.what.includes(id)).map((f) => f.what)).toEqual([
        expect.stringMatching(words),
      ]);
    expect(found.every((f) => f.mended === null)).toBe(true);
  });

  it('has its desk mended when it shows something else', async () => {
    const id = await edited('Shown');
    await db().update(pieces).set({ scenes: 99 }).where(eq(pieces.id, id));
    expect(await check('pieces')).toMatchObject([{ mended: expect.any(String) }]);
    expect(await check('pieces')).toEqual([]);
  });

  it('is told about a picture that is used and not there', async () => {
    const missing = `a${'0'.repeat(20)}`;
    const id = await createPiece(piece([scene('a', 'A.', { pictures: [placed(missing)] })]));
    expect(await check('pictures and clips')).toEqual([
      { what: expect.stringMatching(new RegExp(`${missing} is used by piece ${id}`)), mended: null },
    ]);
  });

  it('shows a video whose file is gone as failed, and names one that nobody asked for', async () => {
    const id = await requestRender('piece-1', piece(), 0, 480);
    await claimJob();
    await writeWhole(renderFile(id), 'video');
    await finishJob(id, { state: 'done', durationMs: 1000 });
    expect(await check('renders')).toEqual([]);
    await rm(renderFile(id));
    await writeWhole(renderFile('nobodys'), 'x');
    expect(await check('renders')).toMatchObject([
      { what: expect.stringContaining(id), mended: expect.any(String) },
      { what: expect.stringContaining('nobodys.mp4'), mended: null },
    ]);
    expect(await getRender(id)).toMatchObject({
      state: 'failed',
      error: expect.stringMatching(/Render again/),
    });
    await rm(renderFile('nobodys'));
  });

  it('loses what killed processes left and what is damaged and can be made again, and nothing that is fresh', async () => {
    const { key } = await takeOf({
      ...{ text: 'A damaged take.', voice: plainVoice('maud') },
      ...{ says: [], recorded: null },
    });
    const file = takeFile(key) as string;
    await writeFile(file, 'short');
    const [old, fresh] = [dataPath('segments', 'run-old'), dataPath('segments', 'run-fresh')];
    for (const f of [old, fresh]) await writeWhole(f, 'x');
    await utimes(old, new Date(0), new Date(0));
    await utimes(fresh, now, now);
    const found = await check('takes and work files');
    expect(found.map((f) => f.what)).toEqual([
      expect.stringContaining('segments/run-old'),
      `Take ${key} is damaged`,
    ]);
    expect(found.every((f) => f.mended !== null)).toBe(true);
    expect(await stat(file).catch(() => null)).toBeNull();
    expect(await stat(fresh).catch(() => null)).not.toBeNull();
  });
});
