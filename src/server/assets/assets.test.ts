import { mkdtemp, readFile, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import exifr from 'exifr';
import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { SHOTS, shotBytes, writeShots } from '../../../studio/fixtures/photos.ts';
import { Failed } from '../../core/failure.ts';
import { byTime, photoRemarks } from '../../core/outline/photos.ts';
import { findSubject } from '../../core/picture/analyse.ts';
import { failureWords } from '../../wording/failures.ts';
import { CONFIG } from '../config.ts';
import { importPicture } from './assets.ts';
import { titleFromName } from './keywords.ts';
import { readPhotoFolder } from './photo-set.ts';
import { assetFact, assetFile, assetRecord } from './record.ts';
import { fetchPictures, SAVED_BASE } from './source-pictures.ts';

const about = { title: 'x', licence: 'own' as const, origin: null };
const shot = (name: string) => {
  const found = SHOTS.find((s) => s.name === name);
  if (!found) throw new Error(`no shot ${name}`);
  return found;
};

describe('taking a picture in', () => {
  it('turns it upright and leaves the camera’s notes behind', async () => {
    const turned = await importPicture(await shotBytes(shot('IMG_0409.jpg'), 640), about);
    expect(turned.width).toBeGreaterThan(turned.height);
    expect(turned.takenAt).toBe('2026-11-19T17:55:00');
    const kept = await readFile((await assetFile(turned.id)) ?? '');
    expect(await exifr.parse(kept).catch(() => undefined)).toBeUndefined();
    expect(kept.includes('Somebody private')).toBe(false);
    const upright = await importPicture(
      await shotBytes({ ...shot('IMG_0409.jpg'), orientation: 1 }, 640),
      about,
    );
    const pixels = async (id: string) =>
      sharp((await assetFile(id)) ?? '')
        .resize(16, 16, { fit: 'fill' })
        .raw()
        .toBuffer();
    const [a, b] = [await pixels(turned.id), await pixels(upright.id)];
    const difference = a.reduce((s, v, i) => s + Math.abs(v - (b[i] ?? 0)), 0) / a.length;
    expect(difference).toBeLessThan(6);
  });

  it('knows the same file again, and has no file for other names', async () => {
    const bytes = await shotBytes(shot('IMG_0410.jpg'), 400);
    const first = await importPicture(bytes, about);
    expect(await importPicture(bytes, { ...about, title: 'other' })).toEqual(first);
    expect(await assetRecord(first.id)).toEqual(first);
    for (const id of ['../../etc/passwd', 'a', `${first.id}x`, 'azzzzzzzzzzzzzzzzzzzz'])
      expect(await assetFile(id)).toBeNull();
    expect(assetFact(first).views.wide).toMatchObject({ width: 400 });
  });

  it('reads HEIC', async () => {
    const record = await importPicture(
      await readFile(path.join(CONFIG.root, 'studio/fixtures/photos-canal.heic')),
      about,
    );
    expect([record.width, record.height]).toEqual([480, 320]);
  });

  it.each([
    ['text', async () => Buffer.from('not a picture'), /not a picture/],
    ['a cut-off file', async () => (await shotBytes(shot('IMG_0410.jpg'), 400)).subarray(0, 4000), /damaged/],
    [
      'a tiny picture',
      async () =>
        sharp({ create: { width: 40, height: 400, channels: 3, background: '#123' } })
          .png()
          .toBuffer(),
      /too small/,
    ],
  ])('refuses %s in words', async (_, bytes, message) => {
    const failure = await importPicture(await bytes(), about).catch((e) => e);
    expect(failure).toBeInstanceOf(Failed);
    expect(failureWords(failure.failure)).toMatch(message);
  });
});

describe('a folder of photos', () => {
  it('is read with times, twins and blurred shots; what cannot be read is named', async () => {
    const folder = await mkdtemp(path.join(tmpdir(), 'nabbet-photos-'));
    try {
      await writeShots(folder, 900);
      await writeFile(path.join(folder, 'broken.jpg'), 'nothing');
      await writeFile(path.join(folder, 'notes.txt'), 'not a photo');
      const source = await readPhotoFolder(folder);
      expect(source.photos).toHaveLength(SHOTS.length);
      expect(source.notes).toEqual([
        { code: 'unreadable', name: 'broken.jpg', failure: { code: 'picture-kind' } },
      ]);
      const inTime = SHOTS.filter((s) => s.taken)
        .sort((a, b) => ((a.taken ?? '') < (b.taken ?? '') ? -1 : 1))
        .map((s) => s.name);
      expect(byTime(source.photos).map((p) => p.name)).toEqual([...inTime, 'bridge at night.jpg']);
      const remarks = photoRemarks(source.photos).map((r) => [
        source.photos.find((p) => p.id === r.photo)?.name,
        r.kind,
      ]);
      expect(remarks).toHaveLength(2);
      expect(remarks.map((r) => r[1])).toEqual(['near-duplicate', 'blurred']);
      expect(remarks[1]?.[0]).toBe('IMG_0415.jpg');
    } finally {
      await rm(folder, { recursive: true, force: true });
    }
  });

  it('gives photos a name where the file has one', () => {
    expect(
      ['IMG_0412.jpg', 'bridge at night.jpg', 'old_mill-2.png', '20261119_180211.jpg'].map(titleFromName),
    ).toEqual(['', 'Bridge at night', 'Old mill 2', '']);
  });
});

describe('pictures of a saved page', () => {
  it('are taken from its folder and from nowhere else', async () => {
    const folder = await mkdtemp(path.join(tmpdir(), 'nabbet-saved-'));
    try {
      await writeFile(path.join(folder, 'a b.jpg'), await shotBytes(shot('IMG_0414.jpg'), 400));
      const picture = (id: string, name: string) => ({
        id,
        address: SAVED_BASE + name,
        assetId: null,
        alt: '',
        caption: 'A',
        after: null,
        problem: null,
      });
      const source = {
        kind: 'article',
        pictures: [
          picture('i0', 'a%20b.jpg'),
          picture('i1', '..%2f..%2fetc/passwd'),
          picture('i2', 'none.jpg'),
        ],
      } as never;
      const { pictures } = await fetchPictures(source, { folder: folder });
      expect(pictures.map((p) => [p.assetId !== null, p.problem?.code])).toEqual([
        [true, undefined],
        [false, 'picture-outside'],
        [false, 'picture-missing'],
      ]);
      expect((await fetchPictures(source)).pictures[0]?.problem).toEqual({ code: 'without-pictures' });
    } finally {
      await rm(folder, { recursive: true, force: true });
    }
  });
});

describe('the subject of a picture', () => {
  it.each([
    ['left', 18],
    ['middle', 50],
    ['right', 84],
  ])('is found at the %s', (_, at) => {
    const [width, height] = [120, 80];
    const data = new Uint8Array(width * height * 3).fill(120);
    for (let y = 20; y < 60; y++)
      for (let x = at; x < at + 18; x++) data.set([210, 90 + ((x * y) % 30), 60], (y * width + x) * 3);
    const [x, y, w, h] = findSubject({ data, width, height });
    expect(x * width).toBeLessThanOrEqual(at + 4);
    expect((x + w) * width).toBeGreaterThanOrEqual(at + 11);
    expect(w).toBeLessThan(0.4);
    expect(y + h / 2).toBeGreaterThan(0.35);
    expect(y + h / 2).toBeLessThan(0.65);
  });

  it('is the middle of a picture with nothing in it', () => {
    expect(findSubject({ data: new Uint8Array(60 * 40 * 3).fill(90), width: 60, height: 40 })).toEqual([
      0.25, 0.25, 0.5, 0.5,
    ]);
  });
});
