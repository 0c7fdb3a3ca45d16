import { describe, expect, it } from 'vitest';
import { emptySource, type Photo, type Source } from '../source/types.ts';
import { firstChoices, outlineLines } from './outline.ts';
import { byTime, hamming, inOrder, PHOTO, photoRemarks, photosToImport } from './photos.ts';

const photo = (id: string, takenAt: string | null, more: Partial<Photo> = {}): Photo => ({
  id,
  assetId: `a${id}`,
  name: `${id}.jpg`,
  bytes: 1,
  modifiedMs: 0,
  takenAt,
  width: 100,
  height: 100,
  differenceHash: '00000000ffff0000',
  sharpness: 400,
  ...more,
});

const file = (name: string, more: { type?: string; size?: number; lastModified?: number } = {}) => ({
  name,
  type: 'image/jpeg',
  size: 1000,
  lastModified: 5,
  ...more,
});
const files = (count: number, from = 0) => Array.from({ length: count }, (_, i) => file(`${from + i}.jpg`));
/** A photo as it stands in the set after its file arrived. */
const arrived = (f: ReturnType<typeof file>) =>
  photo(f.name, null, { name: f.name, bytes: f.size, modifiedMs: f.lastModified });

describe('files brought to a photo set', () => {
  it('are taken as far as there is room beside the set and what is on its way', () => {
    const first = photosToImport(files(120), [], []);
    expect(first.fresh).toHaveLength(120);
    const way = first.fresh.slice(100);
    const second = photosToImport(files(120, 500), first.fresh.slice(0, 100).map(arrived), way);
    expect(second.fresh).toHaveLength(PHOTO.most - 120);
    expect(second.over).toBe(40);
    expect(second.fresh[0]?.name).toBe('500.jpg');
  });

  it('are taken once, also when a folder is dropped again with more in it', () => {
    const set = files(3).map(arrived);
    const way = [file('3.jpg')];
    const again = photosToImport([...files(6), file('5.jpg')], set, way);
    expect(again.fresh.map((f) => f.name)).toEqual(['4.jpg', '5.jpg']);
    expect(again.double).toBe(5);
    expect(photosToImport([file('1.jpg', { size: 1001 })], set, way).fresh).toHaveLength(1);
  });

  it('that are no photos are named; what systems put into folders is not', () => {
    const brought = photosToImport(
      [
        file('notes.txt', { type: 'text/plain' }),
        file('Thumbs.db', { type: '' }),
        file('.DS_Store', { type: '' }),
        file('IMG_1.HEIC', { type: '' }),
      ],
      [],
      [],
    );
    expect(brought.other).toEqual(['notes.txt']);
    expect(brought.fresh.map((f) => f.name)).toEqual(['IMG_1.HEIC']);
  });
});

describe('photo sets', () => {
  const a = photo('a', '2026-11-19T18:00:00', { differenceHash: 'ffff000000000000' });
  const b = photo('b', '2026-11-19T17:00:00');
  const b2 = photo('b2', '2026-11-19T17:00:03', { differenceHash: '00000000ffff0003', sharpness: 500 });
  const later = photo('later', '2026-11-19T19:00:00');
  const none = photo('none', null, { differenceHash: '0f0f0f0f0f0f0f0f' });
  const dim = photo('dim', '2026-11-19T20:00:00', { differenceHash: 'f0f0f0f0f0f0f0f0', sharpness: 6 });
  const all = [a, none, b, b2, later, dim];
  const source: Source = { ...emptySource('photos', { kind: 'photos' }), title: 'Evening', photos: all };

  it('sorts by capture time, those without a time last', () => {
    expect(byTime(all).map((p) => p.id)).toEqual(['b', 'b2', 'a', 'later', 'dim', 'none']);
  });

  it('points out near-duplicates of one moment and blurred shots, with what is proposed', () => {
    expect(photoRemarks(all).map((r) => [r.photo, r.kind, r.better?.id ?? null])).toEqual([
      ['b', 'near-duplicate', 'b2'],
      ['dim', 'blurred', null],
    ]);
    expect(hamming('00000000ffff0000', '00000000ffff0003')).toBe(2);
    expect(photoRemarks([])).toEqual([]);
  });

  it('keeps the writer’s order, and puts later photos in their place by time', () => {
    const { photos } = firstChoices(source);
    const order = ['dim', 'a', 'b'];
    expect(
      inOrder(all, { ...photos, order })
        .map((p) => p.id)
        .slice(0, 3),
    ).toEqual(order);
  });

  it('gives each photo its time, and words to the first and the last', () => {
    const first = firstChoices(source);
    const photos = {
      ...first.photos,
      leave: ['b'],
      length: 'total' as const,
      totalMs: 20_000,
      first: 'One evening',
      last: 'Come again',
    };
    const lines = outlineLines(source, { ...first, photos });
    expect(lines).toHaveLength(5);
    expect(lines.map((l) => l.durationMs)).toEqual([4000, 4000, 4000, 4000, 4000]);
    expect([lines[0]?.shown, lines[0]?.layout, lines[1]?.layout, lines.at(-1)?.shown]).toEqual([
      'One evening',
      'title',
      'plain',
      'Come again',
    ]);
    expect(lines.every((l) => l.spoken === '')).toBe(true);
  });
});
