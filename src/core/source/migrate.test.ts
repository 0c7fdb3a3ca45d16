import { describe, expect, it } from 'vitest';
import { failureOf } from '../failure.ts';
import { migrateChoices } from '../outline/migrate.ts';
import { firstChoices } from '../outline/outline.ts';
import { migrateSource } from './migrate.ts';
import { emptySource, SOURCE_VERSION } from './types.ts';

/** An article as the first version stored it: forms, reasons and notes were sentences. */
const V0 = {
  kind: 'article',
  form: 'PDF, 12 pages',
  ...{ title: 'The ferry', author: 'A. Reed', date: '2026-05-01', site: 'paper.example', address: null },
  language: 'en',
  passages: [
    { id: 'p0', kind: 'heading', level: 2, sentences: [{ id: 'p0.0', text: 'A heading' }] },
    { id: 'p1', kind: 'text', level: 0, sentences: [{ id: 'p1.0', text: 'The ferry crosses.' }] },
  ],
  pictures: [
    {
      ...{
        id: 'i0',
        address: 'https://paper.example/x.jpg',
        assetId: null,
        alt: 'A ferry',
        caption: '',
        after: 'p1',
      },
      problem: 'The picture is damaged.',
    },
    {
      ...{
        id: 'i1',
        address: null,
        assetId: 'a00000000000000000000',
        alt: '',
        caption: 'x',
        after: null,
        problem: null,
      },
    },
  ],
  facts: null,
  photos: [],
  left: [
    { text: 'Subscribe now', why: 'invitation to subscribe' },
    { text: 'Something', why: 'a reason of old' },
  ],
  notes: ['Only the first 60 pages were read.'],
  sentences: {
    'p1.0': {
      ...{ line: 'The ferry crosses.', spoken: 'The ferry crosses.', score: 0.7 },
      reasons: ['stands early', 'has a figure', 'a reason of old'],
    },
  },
};
const why = (work: () => unknown) => {
  try {
    work();
    return null;
  } catch (e) {
    return failureOf(e);
  }
};

describe('a stored source', () => {
  it('of the first version becomes the current one: what was said becomes codes, what has none stays as it was told', () => {
    const source = migrateSource(V0);
    expect(source).toMatchObject({
      version: SOURCE_VERSION,
      form: { kind: 'pdf', count: 12 },
      chapters: [],
      title: 'The ferry',
      left: [
        { text: 'Subscribe now', why: 'subscribe' },
        { text: 'Something', why: 'scrap' },
      ],
      notes: [{ code: 'told', text: 'Only the first 60 pages were read.' }],
    });
    expect(source.pictures.map((p) => p.problem)).toEqual([
      { code: 'unknown', detail: 'The picture is damaged.' },
      null,
    ]);
    expect(source.sentences['p1.0']?.reasons).toEqual([
      { code: 'early' },
      { code: 'figure' },
      { code: 'told', text: 'a reason of old' },
    ]);
    expect(source.passages).toEqual(V0.passages);
  });

  it.each([
    ['Web page', { kind: 'page' }],
    ['Word document', { kind: 'word' }],
    ['PDF', { kind: 'pdf' }],
    ['30 photos', { kind: 'photos', count: 30 }],
    ['photos', { kind: 'photos' }],
    ['Something of old', { kind: 'told', text: 'Something of old' }],
  ])('was read from %s', (form, wanted) => {
    expect(migrateSource({ ...V0, form }).form).toEqual(wanted);
  });

  it('keeps photos, whose hash has another name now', () => {
    const photo = {
      ...{
        id: 'x',
        assetId: 'a00000000000000000000',
        name: 'IMG.jpg',
        bytes: 1,
        modifiedMs: 2,
        takenAt: null,
      },
      ...{ width: 10, height: 10, sharpness: 4 },
    };
    const hash = '0f0f0f0f0f0f0f0f';
    const { photos } = migrateSource({ ...V0, kind: 'photos', photos: [{ ...photo, look: hash }] });
    expect(photos).toEqual([{ ...photo, differenceHash: hash }]);
  });

  it('of the current version is what it was', () => {
    const source = emptySource('article', { kind: 'pasted' });
    expect(migrateSource(structuredClone(source))).toEqual(source);
  });

  it.each([
    ['nothing', null],
    ['a word', 'source'],
    ['one of a newer version', { ...V0, version: 99 }],
    ['one with a hole', { ...V0, passages: undefined }],
    ['one with more than it may have', { ...emptySource('article', { kind: 'text' }), surprise: 1 }],
    ['one with a kind that is none', { ...V0, kind: 'dream' }],
  ])('that is %s is said to be damaged', (_, stored) => {
    expect(why(() => migrateSource(stored))).toMatchObject({ code: 'damaged-source' });
  });
});

describe('stored choices', () => {
  const now = firstChoices(emptySource('article', { kind: 'text' }));

  it('of the first version had no chapters', () => {
    const { version: _, chapters: __, ...old } = now;
    expect(migrateChoices(structuredClone(old))).toEqual(now);
    expect(migrateChoices({ ...now, chapters: ['c1'] }).chapters).toEqual(['c1']);
  });

  it('that cannot be read are said to be damaged', () => {
    for (const stored of [null, { ...now, version: 99 }, { ...now, length: 'forever', targetMs: 'x' }])
      expect(why(() => migrateChoices(stored))).toMatchObject({ code: 'damaged-source' });
  });
});
