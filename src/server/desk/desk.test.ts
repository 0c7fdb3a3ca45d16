import { mkdir, stat, writeFile } from 'node:fs/promises';
import { eq, inArray } from 'drizzle-orm';
import { describe, expect, it } from 'vitest';
import { type DeskQuery, EMPTIED_DAYS, type PiecePage } from '../../api/desk.ts';
import { failureOf } from '../../core/failure.ts';
import { type Edit, sceneEdit } from '../../core/piece/edit.ts';
import { picture, piece, scene } from '../../core/piece/testing.ts';
import { plainVoice } from '../../core/piece/types.ts';
import { dataPath } from '../config.ts';
import { db } from '../db/client.ts';
import { edits, pieces, renders, versions } from '../db/schema.ts';
import { renderFile, requestRender } from '../jobs/renders.ts';
import { queueToOurselves } from '../jobs/testing.ts';
import { appendEntries, createPiece, loadPiece, openPiece } from '../pieces/pieces.ts';
import { reached } from '../pieces/states.ts';
import { around } from './around.ts';
import { copyPieces, emptyBin, filePieces, refillBin, removeEmptied } from './filing.ts';
import { deskFacets, listPieces } from './list.ts';
import { compareVersion, dropVersion, keepVersion, listVersions, returnToVersion } from './versions.ts';

queueToOurselves();

const ALL: DeskQuery = {
  ...{ find: '', place: 'desk', state: '', category: '', tag: '', language: '', order: 'changed', after: '' },
};
const list = (query: Partial<DeskQuery>) => listPieces({ ...ALL, ...query });
const titles = async (query: Partial<DeskQuery>) => (await list(query)).pieces.map((p) => p.title);
const make = (title: string, ...lines: string[]) =>
  createPiece(
    piece(
      lines.map((l, i) => scene(`s${i}`, l)),
      { title },
    ),
  );
const failed = (work: Promise<unknown>) =>
  work.then(
    () => null,
    (e: unknown) => failureOf(e).code,
  );
const type = (id: string, edit: Edit) => [{ id, kind: 'do' as const, ref: null, edit }];

describe('the desk', () => {
  it('is listed page by page, each once, also what was changed at the same moment, in every order', async () => {
    const at = new Date('2026-01-02T03:04:05.678Z');
    const made: string[] = [];
    for (let i = 0; i < 150; i++) made.push(await make(`Paged 50%_ ${i % 7}`, 'A.'));
    await db().update(pieces).set({ updatedAt: at, createdAt: at }).where(inArray(pieces.id, made));
    for (const order of ['changed', 'begun', 'title', 'length'] as const) {
      const seen: string[] = [];
      let after: string | null = '';
      while (after !== null) {
        const page: PiecePage = await list({ find: 'paged 50%_', order, after });
        seen.push(...page.pieces.map((p) => p.id));
        after = page.next;
      }
      expect(seen.toSorted()).toEqual(made.toSorted());
    }
    expect((await list({ find: 'paged 50%%' })).pieces).toEqual([]);
    expect(await failed(list({ after: 'bm9uc2Vuc2U' }))).toBe('bad-request');
    await filePieces({ ids: made, place: 'away' });
  });

  it('shows what is in a piece: also of one from before it kept that, and after an edit', async () => {
    const id = await createPiece(
      piece([scene('a', 'The heron waits.', { pictures: [picture('coast')] }), scene('b', 'It is cold.')], {
        title: 'Of old',
        voice: plainVoice('maud'),
      }),
    );
    await db()
      .update(pieces)
      .set({ format: null, scenes: null, cover: null, words: null, language: null })
      .where(eq(pieces.id, id));
    const [listed] = (await list({ find: 'heron' })).pieces;
    expect(listed).toMatchObject({ id, about: { format: '9:16', scenes: 2, cover: { id: 'coast' } } });
    const before = listed?.about?.lengthMs ?? 0;
    expect(before).toBeGreaterThan(1000);
    const edit = sceneEdit('length', 'a', { durationMs: 20_000 });
    await appendEntries(id, 0, type('entry-1', edit));
    expect((await list({ find: 'heron' })).pieces[0]?.about?.lengthMs).toBeGreaterThan(before + 10_000);
  });

  it('finds words of the title, of what is shown and said, and tags, and says where', async () => {
    const id = await createPiece(
      piece([scene('a', 'Quietly.', { spoken: 'The ferryman coughs.' })], { title: 'Night crossing' }),
    );
    await filePieces({ ids: [id], addTags: ['river trade'] });
    for (const find of ['night', 'FERRYMAN', 'quiet', 'river tr', 'crossing ferryman trade'])
      expect(await titles({ find })).toContain('Night crossing');
    expect(await titles({ find: 'night zeppelin' })).toEqual([]);
    expect((await list({ find: 'coughs' })).pieces[0]?.found).toBe('Quietly. The ferryman coughs.');
    expect((await list({ find: 'crossing' })).pieces[0]?.found).toBeNull();
    expect(around(`${'word '.repeat(40)}needle${' word'.repeat(40)}`, '', 'needle')).toMatch(
      /^… .*needle.* …$/,
    );
  });

  it('keeps a damaged piece as one that can be seen among the others', async () => {
    const id = await make('Damaged one', 'A.');
    const doc = { ...(await loadPiece(id)).piece, format: 'round' };
    await db().update(pieces).set({ doc, format: null }).where(eq(pieces.id, id));
    const listed = (await list({})).pieces;
    expect(listed.find((p) => p.id === id)).toMatchObject({ title: 'Damaged one', about: null });
    expect(listed.filter((p) => p.about).length).toBeGreaterThan(0);
    expect(await failed(copyPieces([id], null, null))).toBe('damaged-piece');
    await filePieces({ ids: [id], place: 'bin' });
  });
});

describe('filing', () => {
  it('changes many at once, and what is chosen by it is found by it', async () => {
    const ids = [await make('Filed one', 'A.'), await make('Filed two', 'B.')];
    await filePieces({ ids, state: 'waits for the mayor', category: 'Town', addTags: ['x', 'y'] });
    await filePieces({ ids: ids.slice(0, 1), removeTags: ['x'] });
    const chosen = { category: 'Town', state: 'waits for the mayor' };
    expect((await titles(chosen)).sort()).toEqual(['Filed one', 'Filed two']);
    expect(await titles({ ...chosen, tag: 'x' })).toEqual(['Filed two']);
    expect(await titles({ ...chosen, language: 'de' })).toEqual([]);
    const facets = await deskFacets();
    expect(facets.states.map((s) => s.name).at(-1)).toBe('waits for the mayor');
    expect(facets.tags).toContainEqual({ name: 'y', count: 2 });
    expect(facets.categories).toContainEqual({ name: 'Town', count: 2 });
    expect(await failed(filePieces({ ids: ['nothing-here'], state: 'draft' }))).toBe('no-piece');
  });

  it('goes on by itself only forwards, and never over the writer’s own word', async () => {
    const stateOf = async (id: string) =>
      (await db().select({ s: pieces.state }).from(pieces).where(eq(pieces.id, id)))[0]?.s;
    const id = await make('Goes on', 'A.');
    expect(await stateOf(id)).toBe('draft');
    await reached(id, 'approved');
    await reached(id, 'in review');
    expect(await stateOf(id)).toBe('approved');
    await filePieces({ ids: [id], state: 'on ice' });
    await reached(id, 'delivered');
    expect(await stateOf(id)).toBe('on ice');
  });

  it('copies, also into another format or for another language, with what it is filed under', async () => {
    const id = await make('Lanterns', 'A.');
    await filePieces({ ids: [id], category: 'Town', addTags: ['light'] });
    const [plain, square, german] = await Promise.all([
      copyPieces([id], null, null),
      copyPieces([id], '1:1', null),
      copyPieces([id], null, 'de'),
    ]);
    const made = async (ids: string[]) => (await loadPiece(ids[0] as string)).piece;
    expect((await made(plain)).title).toBe('Lanterns (copy)');
    expect(await made(square)).toMatchObject({ title: 'Lanterns (1:1)', format: '1:1' });
    expect((await made(german)).title).toBe('Lanterns (German)');
    expect((await titles({ language: 'de', category: 'Town', tag: 'light' }))[0]).toBe('Lanterns (German)');
    await appendEntries(plain[0] as string, 0, type('entry-1', sceneEdit('type', 's0', { shown: 'Copy.' })));
    expect((await loadPiece(id)).piece.scenes[0]?.shown).toBe('A.');
  });
});

describe('the bin', () => {
  it('is emptied as a whole, and can be taken back', async () => {
    const [kept, binned] = [await make('Kept in the bin', 'A.'), await make('Binned before', 'B.')];
    await filePieces({ ids: [binned], place: 'bin' });
    expect(await titles({ place: 'desk' })).not.toContain('Binned before');
    expect((await emptyBin()).count).toBeGreaterThanOrEqual(1);
    await filePieces({ ids: [kept], place: 'bin' });
    expect(await titles({ place: 'bin' })).toEqual(['Kept in the bin']);
    expect(await titles({ place: 'emptied' })).toContain('Binned before');
    expect(Date.parse((await deskFacets()).emptiedUntil ?? '')).toBeGreaterThan(Date.now());
    expect((await refillBin()).count).toBeGreaterThanOrEqual(1);
    expect(await titles({ place: 'bin' })).toEqual(
      expect.arrayContaining(['Kept in the bin', 'Binned before']),
    );
    await filePieces({ ids: [binned], place: 'desk' });
    expect(await titles({})).toContain('Binned before');
  });

  it('loses what was emptied long ago, with its history and its videos, and nothing else', async () => {
    const [old, young] = [await make('Long gone', 'A.'), await make('Gone today', 'B.')];
    await appendEntries(old, 0, type('entry-1', sceneEdit('type', 's0', { shown: 'Z.' })));
    await keepVersion(old, 'Once');
    const render = await requestRender(old, piece(), 1, 480);
    await mkdir(dataPath('renders'), { recursive: true });
    await writeFile(renderFile(render), 'video');
    await db().update(renders).set({ state: 'done' }).where(eq(renders.id, render));
    await filePieces({ ids: [old, young], place: 'bin' });
    await emptyBin();
    const now = new Date();
    const longAgo = new Date(now.getTime() - (EMPTIED_DAYS * 24 + 1) * 3_600_000);
    await db().update(pieces).set({ emptiedAt: longAgo }).where(eq(pieces.id, old));
    expect(await removeEmptied(now)).toBe(1);
    expect(await failed(loadPiece(old))).toBe('no-piece');
    expect(await db().select().from(edits).where(eq(edits.pieceId, old))).toEqual([]);
    expect(await db().select().from(versions).where(eq(versions.pieceId, old))).toEqual([]);
    await expect(stat(renderFile(render))).rejects.toThrow('ENOENT');
    expect((await loadPiece(young)).piece.title).toBe('Gone today');
  });
});

describe('versions', () => {
  it('are kept by name, compared with the piece as it is, and returned to by an edit that can be undone', async () => {
    const id = await make('Versions', 'One.', 'Two.', 'Three.');
    const kept = await keepVersion(id, 'Before the cut');
    await appendEntries(id, 0, type('entry-1', sceneEdit('type', 's1', { shown: 'Another.' })));
    await appendEntries(
      id,
      1,
      type('entry-2', { name: 'delete', merge: null, ops: [{ op: 'remove', id: 's2' }] }),
    );
    const { version, before, now, changes } = await compareVersion(id, kept);
    expect([version.name, before.scenes.length, now.scenes.length]).toEqual(['Before the cut', 3, 2]);
    expect(changes.scenes.map((c) => [c.id, c.after])).toEqual([
      ['s1', 1],
      ['s2', null],
    ]);
    expect(await returnToVersion(id, kept)).toBe(3);
    expect((await loadPiece(id)).piece).toEqual(before);
    expect(await returnToVersion(id, kept)).toBe(3);
    const { history } = await openPiece(id);
    const last = history.at(-1);
    await appendEntries(id, 3, [
      { id: 'undo-1', kind: 'undo', ref: last?.id ?? '', edit: last?.inverse as Edit },
    ]);
    expect((await loadPiece(id)).piece).toEqual(now);
  });

  it('are also what reviewers saw and what was delivered; only a name of one’s own can be taken away', async () => {
    const id = await make('Went out', 'One.');
    const { piece: doc } = await loadPiece(id);
    const [sent, video, cover] = [
      await requestRender(id, doc, 0, 720, { version: 1 }),
      await requestRender(id, doc, 0, 1080),
      await requestRender(id, doc, 0, 1080, { kind: 'cover' }),
    ];
    await db()
      .update(renders)
      .set({ state: 'done' })
      .where(inArray(renders.id, [sent, video, cover]));
    const kept = await keepVersion(id, 'Mine');
    const { versions: all } = await listVersions(id);
    expect(all.map((v) => v.kind).sort()).toEqual(['delivered', 'named', 'sent']);
    expect((await compareVersion(id, sent)).version.name).toBe('1');
    expect(await failed(dropVersion(id, sent))).toBe('no-version');
    await dropVersion(id, kept);
    expect((await listVersions(id)).versions).toHaveLength(2);
    expect(await failed(compareVersion(id, kept))).toBe('no-version');
    expect(await failed(returnToVersion(await make('Other', 'X.'), sent))).toBe('no-version');
  });
});
