import { describe, expect, it } from 'vitest';
import { emptySource, type Photo, type Source } from '../source/types.ts';
import { firstChoices, outlineLines } from './outline.ts';
import { byTime, hamming, inOrder, PHOTO, photoMs, photoRemarks, photosToImport } from './photos.ts';

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

describe('remarks on photos', () => {
  const at = (id: string, second: number | null, more: Partial<Photo> = {}) =>
    photo(
      id,
      second === null
        ? null
        : `2026-11-19T17:0${Math.floor(second / 60)}:${String(second % 60).padStart(2, '0')}`,
      {
        differenceHash: '0000000000000000',
        ...more,
      },
    );
  const told = (...photos: Photo[]) =>
    photoRemarks(photos).map((r) => `${r.photo} ${r.kind} ${r.better?.id ?? ''}`);

  it.each([
    ['so alike that ten bits differ', at('b', 3, { differenceHash: '00000000000003ff' }), true],
    ['with eleven bits apart', at('b', 3, { differenceHash: '00000000000007ff' }), false],
    ['ninety seconds later', at('b', 90), true],
    ['later than that', at('b', 91), false],
    ['without a time', at('b', null), true],
  ])('a second photo %s', (_, second, near) =>
    expect(told(at('a', 0, { sharpness: 401 }), second)).toEqual(near ? ['b near-duplicate a'] : []),
  );

  it('of a group the sharpest is proposed to stay, once', () => {
    const group = [at('a', 0), at('b', 2, { sharpness: 420 }), at('c', 4, { sharpness: 410 })];
    expect(told(...group)).toEqual(['a near-duplicate b', 'c near-duplicate b']);
    // Of equals the first.
    expect(told(at('a', 0), at('b', 2))).toEqual(['b near-duplicate a']);
  });

  it('call blurred what is far below the others, and what is poor by itself where there are few', () => {
    const apart = (sharpness: number, i: number) =>
      at(`s${sharpness}`, i, {
        sharpness,
        differenceHash: ['ffff000000000000', '0000ffff00000000', '00000000ffff0000'][i] ?? '',
      });
    expect(told(...[300, 300.5, 65].map(apart))).toEqual(['s65 blurred ']);
    expect(told(...[300, 300.5, 67].map(apart))).toEqual([]);
    // However sharp the others are.
    expect(told(...[3000, 3000.5, 89].map(apart))).toEqual(['s89 blurred ']);
    expect(told(...[3000, 3000.5, 91].map(apart))).toEqual([]);
    expect(told(...[3000, 26].map(apart))).toEqual(['s26 blurred ']);
    expect(told(...[3000, 28].map(apart))).toEqual([]);
  });
});

describe('the order and the length of photos', () => {
  it('go by name where no time is known or it is the same', () => {
    const same = '2026-11-19T17:00:00';
    const photos = [photo('IMG_10', same), photo('IMG_9', same), photo('x2', null), photo('x1', null)];
    expect(byTime(photos).map((p) => p.id)).toEqual(['IMG_9', 'IMG_10', 'x1', 'x2']);
  });

  it('put a photo that came later where its time is', () => {
    const photos = [1, 2, 3].map((h) => photo(`p${h}`, `2026-11-19T1${h}:00:00`));
    const { photos: choices } = firstChoices({ ...emptySource('photos', { kind: 'photos' }), photos });
    expect(inOrder(photos, { ...choices, order: null }).map((p) => p.id)).toEqual(['p1', 'p2', 'p3']);
    expect(inOrder(photos, { ...choices, order: ['p2', 'p1'] }).map((p) => p.id)).toEqual(['p2', 'p1', 'p3']);
  });

  it.each([
    ['each', 2500, 0, 4, 2500],
    ['each', 100, 0, 4, 700],
    ['total', 0, 10_000, 4, 2500],
    ['total', 0, 10_000, 3, 3333],
    ['total', 0, 2000, 40, 700],
    ['total', 0, 2000, 0, 2000],
  ] as const)('are, by %s of %i or all in %i, for %i photos %i ms', (length, eachMs, totalMs, count, ms) => {
    const { photos } = firstChoices(emptySource('photos', { kind: 'photos' }));
    expect(photoMs(count, { ...photos, length, eachMs, totalMs })).toBe(ms);
  });

  it('one photo alone has the first words, and each line says when its photo was taken', () => {
    const photos = [photo('a', '2026-11-19T17:00:00'), photo('b', null)];
    const source: Source = { ...emptySource('photos', { kind: 'photos' }), photos };
    const first = firstChoices(source);
    const lines = (leave: string[]) =>
      outlineLines(source, { ...first, photos: { ...first.photos, first: ' Begin ', last: ' End ', leave } });
    expect(lines(['b'])).toMatchObject([
      {
        ref: 'photo:a',
        assetId: 'aa',
        shown: 'Begin',
        from: 'a.jpg',
        reasons: [{ code: 'taken', at: '2026-11-19T17:00:00' }],
      },
    ]);
    expect(lines([]).map((l) => [l.shown, l.layout, l.reasons[0]?.code])).toEqual([
      ['Begin', 'title', 'taken'],
      ['End', 'title', 'no-capture-time'],
    ]);
  });
});
