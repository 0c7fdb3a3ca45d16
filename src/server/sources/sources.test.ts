import { afterAll, describe, expect, it } from 'vitest';
import type { HistoryEntry } from '../../api/edits.ts';
import { failureOf } from '../../core/failure.ts';
import { changesBetween, type OutlineEdit, type OutlineOp } from '../../core/outline/edit.ts';
import { PHOTO } from '../../core/outline/photos.ts';
import { emptyFacts, emptySource, type Photo } from '../../core/source/types.ts';
import { closeDatabase } from '../db/client.ts';
import { loadPiece } from '../pieces/pieces.ts';
import { appendOutlineEntries } from './edits.ts';
import {
  addPhoto,
  changeSource,
  createSource,
  loadSource,
  nabbedFor,
  openSources,
  pieceFromSource,
  putAway,
  readInput,
  removePhotos,
} from './sources.ts';

afterAll(closeDatabase);

const photo = (n: number): Photo => ({
  id: `photo-${n}`,
  assetId: `a${String(n).padStart(20, '0')}`,
  name: `IMG_${n}.jpg`,
  bytes: 1000 + n,
  modifiedMs: n,
  takenAt: `2026-11-19T18:00:${String(n % 60).padStart(2, '0')}`,
  width: 1000,
  height: 1000,
  differenceHash: '0f0f0f0f0f0f0f0f',
  sharpness: 400,
});
const photoSet = () => createSource(emptySource('photos', { kind: 'photos', count: 0 }));
const fill = (id: string, count: number) =>
  changeSource(id, (s) => ({ ...s, photos: Array.from({ length: count }, (_, n) => photo(n)) }));
const entry = (id: string, ops: OutlineOp[]): HistoryEntry<OutlineEdit> => ({
  ...{ id, kind: 'do', ref: null },
  edit: { name: 'choose', merge: null, ops },
});
const failed = (p: Promise<unknown>) =>
  p.then(
    () => null,
    (e: unknown) => failureOf(e).code,
  );

describe('a stored photo set', () => {
  it('keeps every photo of many that arrive at once', async () => {
    const id = await photoSet();
    await Promise.all(Array.from({ length: 30 }, (_, n) => addPhoto(id, photo(n))));
    const { source } = await loadSource(id);
    expect(new Set(source.photos.map((p) => p.id)).size).toBe(30);
    expect(source.form).toEqual({ kind: 'photos', count: 30 });
    expect(source.title).toBe('Photos of 19 November 2026');
    // Photos that say no day name nothing: no word of ours would stand in their video.
    const nameless = await photoSet();
    await addPhoto(nameless, { ...photo(1), takenAt: null });
    expect((await loadSource(nameless)).source.title).toBe('');
  });

  it('holds one photo once, and no more than the set has room for', async () => {
    const id = await photoSet();
    await fill(id, PHOTO.most - 1);
    await addPhoto(id, { ...photo(3), id: 'again' });
    await addPhoto(id, photo(900));
    expect(await failed(addPhoto(id, photo(901)))).toBe('too-many-photos');
    expect((await loadSource(id)).source.photos).toHaveLength(PHOTO.most);
  });

  it('has room again for what was removed', async () => {
    const id = await photoSet();
    await fill(id, PHOTO.most);
    await removePhotos(id, ['photo-1', 'photo-2']);
    await addPhoto(id, photo(1));
    const ids = (await loadSource(id)).source.photos.map((p) => p.id);
    expect(ids).toHaveLength(PHOTO.most - 1);
    expect(ids).toContain('photo-1');
    expect(ids).not.toContain('photo-2');
  });

  it('becomes a piece with its choices, and then stands no longer among the open outlines', async () => {
    const id = await photoSet();
    await fill(id, 4);
    const { choices, options } = await loadSource(id);
    const doc = { choices, options, facts: null };
    const photos = { ...choices.photos, leave: ['photo-2'], length: 'each' as const, eachMs: 1500 };
    const after = {
      ...doc,
      choices: { ...choices, photos },
      options: { ...options, format: '1:1' as const },
    };
    await appendOutlineEntries(id, 0, [entry('entry-1', changesBetween(doc, after))]);
    expect((await openSources()).map((s) => s.id)).toContain(id);
    const stored = await loadPiece(await pieceFromSource(id));
    expect(stored.piece.format).toBe('1:1');
    expect(stored.piece.scenes.map((s) => [s.pictures[0]?.assetId, s.durationMs])).toEqual(
      [0, 1, 3].map((n) => [photo(n).assetId, 1500]),
    );
    expect((await openSources()).map((s) => s.id)).not.toContain(id);
  });

  it('without photos makes no piece; one that is not there is said to be missing', async () => {
    expect(await failed(pieceFromSource(await photoSet()))).toBe('no-outline-lines');
    for (const ask of [loadSource, putAway, pieceFromSource])
      expect(await failed(ask('nothing-here'))).toBe('no-outline');
    expect(await failed(addPhoto('nothing-here', photo(1)))).toBe('no-outline');
  });
});

describe('what is changed on an outline', () => {
  const product = () =>
    createSource({ ...emptySource('product', { kind: 'page' }), title: 'A lamp', facts: emptyFacts() });
  const target = (value: number) => [{ room: 'choices' as const, key: 'targetMs', value }];
  const named = (value: string) => [
    { room: 'facts' as const, key: 'name', value: { value, origin: 'writer' } },
  ];

  it('is kept once when the same request arrives twice, with what undoes it', async () => {
    const id = await product();
    const one = [entry('entry-1', target(20_000)), entry('entry-2', named('The folding lamp'))];
    expect(await appendOutlineEntries(id, 0, one)).toEqual({ rev: 2 });
    expect(await appendOutlineEntries(id, 0, one)).toEqual({ rev: 2 });
    expect(await appendOutlineEntries(id, 2, one)).toMatchObject({
      behind: { rev: 2, since: [], known: ['entry-1', 'entry-2'] },
    });
    const { rev, choices, source, history } = await loadSource(id);
    expect([rev, choices.targetMs, source.title]).toEqual([2, 20_000, 'The folding lamp']);
    expect(history.map((e) => [e.seq, e.id, e.inverse.ops[0]?.value])).toEqual([
      [1, 'entry-1', null],
      [2, 'entry-2', null],
    ]);
    expect((await openSources()).find((s) => s.id === id)?.title).toBe('The folding lamp');
  });

  it('in a second window does not win silently: it learns what came before', async () => {
    const id = await product();
    await appendOutlineEntries(id, 0, [entry('first-1', target(20_000))]);
    const late = [entry('second-1', named('Late'))];
    expect(await appendOutlineEntries(id, 0, late)).toMatchObject({
      behind: { rev: 1, since: [{ id: 'first-1' }] },
    });
    expect((await loadSource(id)).source.title).toBe('A lamp');
    expect(await appendOutlineEntries(id, 1, late)).toEqual({ rev: 2 });
    const { choices, source } = await loadSource(id);
    expect([choices.targetMs, source.title]).toEqual([20_000, 'Late']);
  });

  it('is all taken or nothing of it', async () => {
    const id = await product();
    const bad = [entry('entry-1', target(20_000)), entry('entry-2', target(1))];
    expect(await failed(appendOutlineEntries(id, 0, bad))).toBe('edit-refused');
    expect(await failed(appendOutlineEntries('nothing-here', 0, bad))).toBe('no-outline');
    const { rev, choices, history } = await loadSource(id);
    expect([rev, choices.targetMs, history]).toEqual([0, null, []]);
  });
});

describe('what an outline begins with', () => {
  it('is the wished length and the last choices, and its lines can be seen with pictures before there is a piece', async () => {
    const text = [
      'The rope ferry crosses the river sixty times a day, and it does so without a sound since Monday.',
      'An electric winch has taken the place of the old diesel engine in the engine house.',
      'Children stand at the rail and look for herons between the reeds on the way to school.',
      'The fare has stayed the same for eleven years, and cows still pay the price of two people.',
    ].join('\n\n');
    const options = { format: '1:1' as const, voice: 'fenn', mood: null };
    const source = await readInput({
      ...{ from: 'text', text, html: null, as: 'article' },
      ...{ targetMs: 20_000, options },
    });
    const id = await createSource(source, { targetMs: 20_000, options });
    const stored = await loadSource(id);
    expect([stored.choices.targetMs, stored.options]).toEqual([20_000, options]);
    const nabbed = await nabbedFor(id);
    const refs = Object.keys(nabbed);
    expect(refs.length).toBeGreaterThan(1);
    const known = new Set(source.passages.flatMap((p) => p.sentences.map((s) => s.id)));
    expect(refs.every((r) => known.has(r) || r === 'closing')).toBe(true);
    expect(Object.values(nabbed).every((v) => v.title.length > 0)).toBe(true);
    // It is looked at, nothing is made of it.
    expect((await loadSource(id)).pieceId).toBeNull();
  });
});
