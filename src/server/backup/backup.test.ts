import { mkdtemp, readFile, rm, stat, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { eq } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { sceneEdit } from '../../core/piece/edit.ts';
import { piece, scene } from '../../core/piece/testing.ts';
import { dataPath } from '../config.ts';
import { closeDatabase, db } from '../db/client.ts';
import { ownWords, pieces } from '../db/schema.ts';
import { appendEntries, createPiece, loadPiece, openPiece } from '../pieces/pieces.ts';
import { run } from '../program.ts';
import { writeWhole } from '../store/files.ts';
import { backup, NoBackup, restore } from './backup.ts';

let folder = '';
const file = () => path.join(folder, 'kept.tar');
const now = new Date('2026-03-04T05:06:07.000Z');
const type = (id: string, shown: string) => ({
  ...{ id, kind: 'do' as const, ref: null },
  edit: sceneEdit('type', 'a', { shown }),
});

beforeAll(async () => {
  folder = await mkdtemp(path.join(tmpdir(), 'nabbet-backup-'));
});
afterAll(async () => {
  await closeDatabase();
  await rm(folder, { recursive: true, force: true });
});

describe('a backup', () => {
  it('brings back words, history and material as they were, and keeps what was there before', async () => {
    const id = await createPiece(piece([scene('a', 'Käse 🚤 “open”.')], { title: 'Kept' }));
    await appendEntries(id, 0, [type('first-1', 'First.'), type('first-2', "Sec\\ond; 'quoted' --")]);
    const material = dataPath('assets', '0a', 'a0aaaaaaaaaaaaaaaaaaa', 'picture.webp');
    await writeWhole(material, 'picture');
    const voice = dataPath('voices', 'de', 'blech.onnx');
    await writeWhole(voice, 'voice');
    await writeWhole(dataPath('takes', '00', 'unfinished.tmp'), 'x');
    const before = await openPiece(id);
    const known = await db().select().from(ownWords);
    await backup(file(), now);

    await appendEntries(id, 2, [type('later-1', 'Later.')]);
    const later = await createPiece(piece([scene('a')], { title: 'Made later' }));
    await db().insert(ownWords).values({ word: 'osierwick', at: now });
    await rm(material);
    await rm(voice);
    const { before: dump, manifest } = await restore(file(), now);

    expect(manifest).toMatchObject({ version: 1, at: now.toISOString() });
    expect(await openPiece(id)).toEqual(before);
    expect(await readFile(material, 'utf8')).toBe('picture');
    expect(await readFile(voice, 'utf8')).toBe('voice');
    await expect(loadPiece(later)).rejects.toMatchObject({ failure: { code: 'no-piece' } });
    expect(await db().select().from(ownWords)).toEqual(known);
    expect(await readFile(dump, 'utf8')).toContain('Made later');
    // It can be worked on.
    expect(await appendEntries(id, 2, [type('again-1', 'Again.')])).toEqual({ rev: 3 });
  });

  it('holds open files only: SQL, JSON and the material, nothing half written', async () => {
    const { stdout } = await run('tar', ['--list', `--file=${file()}`]);
    const names = stdout.toString().split('\n');
    expect(names.slice(0, 2)).toEqual(['nabbet-backup.json', 'database.sql']);
    expect(names.filter((n) => n.endsWith('.tmp'))).toEqual([]);
    expect(await stat(`${file()}.unfinished`).catch(() => null)).toBeNull();
  });

  it('that is none, cut off or of something else changes nothing', async () => {
    const id = await createPiece(piece([scene('a', 'Here.')], { title: 'Untouched' }));
    const bad = path.join(folder, 'bad.tar');
    const whole = await readFile(file());
    await writeFile(bad, 'no tar at all');
    await expect(restore(bad, now)).rejects.toBeInstanceOf(NoBackup);
    await writeFile(bad, whole.subarray(0, Math.floor(whole.length / 2)));
    await expect(restore(bad, now)).rejects.toBeInstanceOf(NoBackup);
    await writeFile(path.join(folder, 'passwd'), 'x');
    await run('tar', ['--create', `--file=${bad}`, `--directory=${folder}`, 'passwd']);
    await expect(restore(bad, now)).rejects.toThrow(/holds “passwd”/);
    expect((await loadPiece(id)).piece.title).toBe('Untouched');
  });

  it('whose SQL cannot be read leaves the database as it was', async () => {
    const id = await createPiece(piece([scene('a', 'Here.')], { title: 'Still here' }));
    const bad = path.join(folder, 'broken.tar');
    await writeFile(path.join(folder, 'database.sql'), 'CREATE TABLE pieces (id int);\nTHIS IS NO SQL;');
    await writeFile(
      path.join(folder, 'nabbet-backup.json'),
      JSON.stringify({ format: 'nabbet-backup', version: 1, at: now.toISOString() }),
    );
    await run('tar', [
      '--create',
      `--file=${bad}`,
      `--directory=${folder}`,
      'nabbet-backup.json',
      'database.sql',
    ]);
    await expect(restore(bad, now)).rejects.toThrow();
    expect((await loadPiece(id)).piece.title).toBe('Still here');
    expect(
      await db().select({ id: pieces.id }).from(pieces).where(eq(pieces.title, 'Still here')),
    ).toHaveLength(1);
    await db().delete(pieces).where(eq(pieces.id, id));
  });
});
