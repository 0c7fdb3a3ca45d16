import { mkdir, mkdtemp, readdir, rm, symlink, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import sharp from 'sharp';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { run } from '../program.ts';
import { ownShelf } from '../shelf/own.ts';
import { shelfToOurselves } from '../shelf/testing.ts';
import { BRING_DEFAULTS, bringFolder } from './bring-folder.ts';
import { proxiesMade } from './clips.ts';

shelfToOurselves();

let folder = '';
const at = (...parts: string[]) => path.join(folder, ...parts);
const photo = (background: string) =>
  sharp({ create: { width: 640, height: 480, channels: 3, background } })
    .jpeg()
    .toBuffer();

beforeAll(async () => {
  folder = await mkdtemp(path.join(tmpdir(), 'nabbet-bring-'));
  await mkdir(at('Greenhouse', 'tomato trials'), { recursive: true });
  await mkdir(at('.cache'));
  await writeFile(at('Greenhouse', 'tomato trials', 'IMG_2041.JPG'), await photo('#b5302a'));
  await writeFile(at('Greenhouse', 'same again.jpg'), await photo('#b5302a'));
  await writeFile(at('Greenhouse', 'watering robot.png'), await photo('#2a6ab5'));
  await writeFile(
    at('logo.svg'),
    '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 9 9"><circle r="4"/></svg>',
  );
  await writeFile(at('half.jpg'), (await photo('#123456')).subarray(0, 300));
  await writeFile(at('notes.txt'), 'nothing to be seen');
  await writeFile(at('.cache', 'thumb.jpg'), await photo('#ffffff'));
  await symlink('/etc/passwd', at('link.jpg'));
  await run('ffmpeg', [
    ...['-v', 'error', '-f', 'lavfi', '-i', 'testsrc2=s=320x240:r=25:d=2'],
    ...['-c:v', 'libx264', '-pix_fmt', 'yuv420p', at('Greenhouse', 'first harvest.mov')],
  ]);
});
afterAll(async () => {
  await proxiesMade();
  await rm(folder, { recursive: true, force: true });
});

it('a folder comes to the shelf: by content, once each, with tags of its folders, the rest named with the reason', async () => {
  const before = await readdir(folder, { recursive: true });
  const first = await bringFolder(folder, { ...BRING_DEFAULTS, licence: 'credit', credit: 'The nursery' });
  expect(first.added.sort()).toEqual(
    [
      'Greenhouse/first harvest.mov',
      'Greenhouse/same again.jpg',
      'Greenhouse/watering robot.png',
      'logo.svg',
    ].sort(),
  );
  expect(first.known).toEqual(['Greenhouse/tomato trials/IMG_2041.JPG']);
  expect(first.skipped.map((s) => s.name)).toEqual(['half.jpg', 'notes.txt']);
  expect(first.skipped.map((s) => s.failure.code)).toEqual(['picture-damaged', 'picture-kind']);
  const mine = [...(await ownShelf()).pictures.values()].filter((p) => p.credit === 'The nursery');
  expect(mine).toHaveLength(4);
  expect(mine.find((p) => p.kind === 'clip')?.tags).toEqual(
    expect.arrayContaining(['harvest', 'greenhouse']),
  );
  // Brought again nothing is added, and the folder is as it was.
  const again = await bringFolder(folder, BRING_DEFAULTS);
  expect(again.added).toEqual([]);
  expect(again.known).toHaveLength(5);
  expect(await readdir(folder, { recursive: true })).toEqual(before);
});
