import { mkdir, mkdtemp, readdir, readFile, rm, utimes, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { keepNewest, sweep, writeWhole } from './files.ts';

let folder = '';
beforeEach(async () => {
  folder = await mkdtemp(path.join(tmpdir(), 'nabbet-files-'));
});
afterEach(() => rm(folder, { recursive: true, force: true }));

const aged = async (name: string, seconds: number, make: (f: string) => Promise<unknown>) => {
  const f = path.join(folder, name);
  await make(f);
  await utimes(f, seconds, seconds);
};

describe('files', () => {
  it('are written whole, in folders that are made, over what was there', async () => {
    const file = path.join(folder, 'a/b/c.txt');
    await writeWhole(file, 'one');
    await writeWhole(file, 'two');
    expect(await readFile(file, 'utf8')).toBe('two');
    expect(await readdir(path.dirname(file))).toEqual(['c.txt']);
  });

  it('leave nothing half-written when they cannot be written', async () => {
    await mkdir(path.join(folder, 'taken'));
    await expect(writeWhole(path.join(folder, 'taken'), 'x')).rejects.toThrow();
    expect(await readdir(folder)).toEqual(['taken']);
  });

  it('that can be made again are kept by age', async () => {
    for (let i = 0; i < 6; i++) await aged(`f${i}`, 1000 + i, (f) => writeFile(f, 'x'));
    await keepNewest(folder, 2);
    expect((await readdir(folder)).sort()).toEqual(['f4', 'f5']);
  });

  it('of a killed process are swept away, those of a running one are not', async () => {
    await aged('run-old', 1000, (f) => mkdir(f));
    await aged('run-new', 9000, (f) => mkdir(f));
    await aged('other', 1000, (f) => mkdir(f));
    await sweep(folder, 'run-', 9_500_000);
    expect((await readdir(folder)).sort()).toEqual(['other', 'run-new']);
  });
});
