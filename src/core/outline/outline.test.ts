import { describe, expect, it } from 'vitest';
import { applyEdit, edit } from '../piece/edit.ts';
import { pieceSchema } from '../piece/schema.ts';
import { emptyFacts, emptySource, type FactSheet, type Photo, type Source } from '../source/types.ts';
import { blanks } from '../text/blanks.ts';
import { sentences } from '../text/sentences.ts';
import { ANGLES, type Angle } from './angles.ts';
import { annotate } from './condense/condense.ts';
import { LINE } from './condense/shorten.ts';
import { draftFromOutline } from './from-outline.ts';
import { outlineMs } from './length.ts';
import { firstChoices, outlineLines } from './outline.ts';
import { byTime, hamming, inOrder, PHOTO, photoRemarks, photosToImport } from './photos.ts';
import { CRITICAL, calledName } from './product-parts.ts';
import type { OutlineChoices } from './types.ts';

const PARAGRAPHS = [
  'Why did the market street stay dry? Rain fell for three hours on Tuesday, and 62 millimetres came down.',
  'The answer hangs on the gutters: 400 rain barrels, one for every second roof. The town gave them away in spring.',
  '“We counted the roofs, and then we saw that the basin was already there,” says Wilhelmina Tarrow, the engineer.',
  'A basin of concrete would have cost 2.1 million crowns. The barrels cost 38,000.',
  'The town used 9 percent less water this summer than in the summer before, because the barrels water the gardens.',
  'Tarrow wants 200 more barrels by the spring, and she already knows which roofs.',
];

function article(): Source {
  const source: Source = {
    ...emptySource('article', { kind: 'text' }),
    title: 'Why the market street stayed dry',
    site: 'The Courier',
    passages: PARAGRAPHS.map((p, i) => ({
      id: `p${i}`,
      kind: 'text',
      level: 0,
      sentences: sentences(p).map((text, k) => ({ id: `p${i}.${k}`, text })),
    })),
    pictures: [
      {
        id: 'i0',
        address: 'https://x.example/a.jpg',
        assetId: 'a0',
        alt: '',
        caption: 'Barrels',
        after: 'p1',
        problem: null,
      },
      {
        id: 'i1',
        address: 'https://x.example/b.jpg',
        assetId: null,
        alt: '',
        caption: 'Gone',
        after: 'p4',
        problem: { code: 'no-picture' },
      },
    ],
  };
  source.sentences = annotate(source);
  return source;
}

const with_ = (source: Source, more: Partial<OutlineChoices>): OutlineChoices => ({
  ...firstChoices(source),
  ...more,
});
const allText = (s: Source) => s.passages.flatMap((p) => p.sentences.map((x) => x.text));

describe('the outline of an article', () => {
  const source = article();

  it('begins with the question, keeps lines short, and every line names its sentence in the source', () => {
    const lines = outlineLines(source, firstChoices(source));
    expect(lines[0]).toMatchObject({ layout: 'title', shown: 'Why did the market street stay dry?' });
    for (const l of lines.filter((x) => x.layout !== 'end')) {
      expect(l.shown.length).toBeLessThanOrEqual(LINE.longest);
      expect(allText(source)).toContain(l.from);
    }
    expect(lines.at(-1)).toMatchObject({
      layout: 'end',
      shown: 'Why the market street stayed dry\nThe Courier',
    });
  });

  it('gets shorter and longer with the wished length', () => {
    const at = (targetMs: number | null) => outlineMs(outlineLines(source, with_(source, { targetMs })));
    expect(at(15_000)).toBeLessThanOrEqual(15_800);
    expect(at(15_000)).toBeLessThan(at(30_000));
    expect(at(30_000)).toBeLessThan(at(null));
  });

  it('keeps what the writer fixed by hand when the length changes', () => {
    const fixed = with_(source, {
      keep: ['p5.0'],
      drop: ['p0.0'],
      edits: { 'p3.1': { shown: 'My own words.' } },
    });
    for (const targetMs of [15_000, 30_000, 60_000]) {
      const lines = outlineLines(source, { ...fixed, targetMs });
      const refs = lines.map((l) => l.ref);
      expect(refs).toContain('p5.0');
      expect(refs).not.toContain('p0.0');
      expect(lines.find((l) => l.ref === 'p3.1')).toMatchObject({ shown: 'My own words.', fixed: true });
    }
  });

  it('gives a picture of the source to a line beside it, and none that could not be fetched', () => {
    const lines = outlineLines(source, with_(source, { targetMs: null }));
    const used = lines.filter((l) => l.picture);
    expect(used.map((l) => l.picture)).toEqual(['i0']);
    expect(['p1.0', 'p1.1', 'p2.0']).toContain(used[0]?.ref);
    expect(
      outlineLines(source, with_(source, { leavePictures: ['i0'] })).every((l) => l.picture === null),
    ).toBe(true);
    expect(
      outlineLines(source, with_(source, { targetMs: null, pictures: { 'p4.0': 'i0' } })).find(
        (l) => l.picture,
      )?.ref,
    ).toBe('p4.0');
  });

  it('becomes a valid piece that knows where it came from', () => {
    const choices = firstChoices(source);
    let n = 0;
    const piece = draftFromOutline(
      source,
      choices,
      outlineLines(source, choices),
      { format: '9:16', voice: 'maud', mood: 'gentle', sourceId: 's1' },
      () => `id${n++}`,
    );
    expect(pieceSchema.validate(piece).error).toBeUndefined();
    expect(piece.source).toEqual({ id: 's1', kind: 'article', title: source.title });
    expect(piece.scenes.find((s) => s.pictures.length)?.pictures[0]).toMatchObject({
      assetId: 'a0',
      by: 'source',
    });
    expect(applyEdit(piece, edit('x', [{ op: 'remove', id: piece.scenes[0]?.id ?? '' }])).ok).toBe(true);
  });

  it('wants a length only where the source has enough to say', () => {
    const source = article();
    const drafted = (targetMs: number | null) => {
      const choices = with_(source, { targetMs });
      const lines = outlineLines(source, choices);
      let n = 0;
      return draftFromOutline(
        source,
        choices,
        lines,
        { format: '9:16', voice: 'maud', mood: 'gentle', sourceId: null },
        () => `id${n++}`,
      ).targetMs;
    };
    expect([drafted(15_000), drafted(30_000), drafted(300_000), drafted(null)]).toEqual([
      15_000,
      30_000,
      null,
      null,
    ]);
  });
});

const fact = <T>(value: T) => ({ value, origin: 'json-ld' as const });
const FULL: FactSheet = {
  name: fact('Wick No. 3 hand lantern'),
  maker: fact('Lanternworks'),
  price: fact({ amount: 34, currency: 'EUR', text: '€34.00' }),
  was: fact({ amount: 42, currency: 'EUR', text: '€42.00' }),
  until: fact('2026-12-24'),
  rating: fact({ value: 4.7, best: 5, count: 212 }),
  availability: fact('in stock'),
  description: fact('A hand lantern of tin and glass that burns for eleven hours on one filling.'),
  features: [
    'Burns for eleven hours on one filling',
    'Stays alight in wind up to 60 kilometres an hour',
    'Glass can be changed without tools',
    'Weighs 640 grams',
  ].map(fact),
  variants: ['Red', 'Black'].map(fact),
  quotes: [
    fact({ text: 'The first lantern that does not go out when I run.', by: 'Lene P.', rating: 5 }),
    fact({ text: 'Beautiful light, but the handle gets hot.', by: 'Corin A.', rating: 3 }),
  ],
};
const EMPTY: FactSheet = { ...emptyFacts(), name: fact('Talking clock') };

function product(facts: FactSheet, language = 'en'): Source {
  return { ...emptySource('product', { kind: 'page' }), title: facts.name?.value ?? '', language, facts };
}

describe('the script of a product', () => {
  const source = product(FULL);
  const scripts = ANGLES.map((angle) => outlineLines(source, with_(source, { angle })));

  it.each(ANGLES.map((angle, i) => ({ angle, lines: scripts[i] ?? [] })))(
    '$angle: a price card, an end card, nothing that is not on the sheet',
    ({ lines }) => {
      expect(lines.length).toBeGreaterThanOrEqual(7);
      expect(lines.some((l) => l.layout === 'figure' && l.shown.includes('€34.00'))).toBe(true);
      expect(lines.at(-1)).toMatchObject({ layout: 'end', shown: 'Wick No. 3 hand lantern\nLanternworks' });
      const sheet = JSON.stringify(FULL);
      for (const l of lines) {
        expect(l.shown.replace(/\n.*/s, '').length).toBeLessThanOrEqual(LINE.longest);
        for (const n of `${l.shown} ${l.spoken ?? ''}`.match(/\d[\d.,]*\d|\d/g) ?? [])
          expect(
            sheet.includes(n) ||
              n === String(FULL.variants.length) ||
              /^[123]$/.test(n) ||
              l.from.includes(n) ||
              n === '24',
            `${l.shown}: ${n}`,
          ).toBe(true);
      }
    },
  );

  it('differs clearly from angle to angle', () => {
    for (const [i, a] of scripts.entries())
      for (const b of scripts.slice(i + 1)) {
        const same = a.filter((x) => b.some((y) => y.shown === x.shown)).length;
        expect(same / a.length).toBeLessThan(0.7);
        expect(a[0]?.shown).not.toBe(b[0]?.shown);
      }
  });

  it('tells the bad with the good in an honest review', () => {
    const review = scripts[ANGLES.indexOf('honest review')] ?? [];
    expect(review.some((l) => l.shown.includes('the handle gets hot'))).toBe(true);
  });

  it('gives reasons that the page gives, and measures only where it has no others', () => {
    const facts: FactSheet = {
      ...EMPTY,
      name: fact('Hollin Step Stool – Oak, three steps'),
      description: fact('A folding stool in oak that hangs flat on a hook.'),
      features: [
        'Height: 63 cm',
        'Carries 150 kg, tested',
        'Folds to 4 cm and hangs on any hook',
        'Rubber feet that do not mark the floor',
        'Weight: 4.2 kg',
      ].map(fact),
    };
    const shown = (choices: Partial<OutlineChoices>, of = facts) =>
      outlineLines(product(of), with_(product(of), choices)).map((l) => l.shown);
    const reasons = shown({ angle: 'three reasons' });
    expect(reasons.slice(0, 4)).toEqual([
      'Three reasons for the Hollin Step Stool',
      '1. Folds to 4 cm and hangs on any hook.',
      '2. Carries 150 kg, tested.',
      '3. Rubber feet that do not mark the floor.',
    ]);
    // Beside the description, what it says already is not said again.
    expect(shown({ angle: 'news' }).join(' ')).not.toContain('Folds to 4 cm');
    const measures = { ...facts, features: ['Height: 63 cm', 'Weight: 4.2 kg'].map(fact) };
    expect(shown({ angle: 'three reasons' }, measures)[1]).toBe('1. Height: 63 cm');
    const weighed = { ...facts, features: ['Weighs 640 grams', 'Rubber feet that do not mark'].map(fact) };
    expect(shown({ angle: 'three reasons' }, weighed)[1]).toBe('1. Rubber feet that do not mark.');
  });

  it.each([
    ['Hollin Step Stool – Oak', 'Hollin Step Stool'],
    ['Kettle, 1.5 litres', 'Kettle, 1.5 litres'],
    ['Brass kettle, 1.5 litres', 'Brass kettle'],
    ['Evening Tea 80g', 'Evening Tea'],
    ['Wick No. 3 (2nd edition)', 'Wick No. 3'],
    ['All-weather coat', 'All-weather coat'],
  ])('calls “%s” “%s”', (name, called) => expect(calledName(name)).toBe(called));

  it('gives as reasons what somebody has of it, before bare figures and codes', () => {
    const facts: FactSheet = {
      ...EMPTY,
      description: fact(
        '1. The lamp weighs 62 grams, so you forget that you wear it. Its red light keeps your eyes used to the dark.',
      ),
      features: ['200 lumens, beam of 70 metres', 'Rain-proof to IPX6', 'Tilts by 60 degrees'].map(fact),
    };
    const shown = outlineLines(product(facts), with_(product(facts), { angle: 'three reasons' })).map(
      (l) => l.shown,
    );
    expect(shown.slice(1, 4)).toEqual([
      '1. The lamp weighs 62 grams, so you forget that you wear it.',
      '2. 200 lumens, beam of 70 metres.',
      '3. Its red light keeps your eyes used to the dark.',
    ]);
  });

  it('sets what is good behind “Good:”, in small letters where words have no capital of their own', () => {
    const good = (feature: string) => {
      const facts: FactSheet = { ...EMPTY, features: [fact(feature)] };
      return outlineLines(product(facts), with_(product(facts), { angle: 'honest review' })).find((l) =>
        l.shown.startsWith('Good:'),
      )?.shown;
    };
    expect(good('Carries 150 kg, tested')).toBe('Good: carries 150 kg, tested.');
    expect(good('Swiss made, two years')).toBe('Good: Swiss made, two years.');
    expect(good('USB cable of 2 metres')).toBe('Good: USB cable of 2 metres.');
  });

  it.each([
    ['the first', 'It never slips. A stool in oak for small kitchens.'],
    ['a later', 'A stool in oak for small kitchens. It never again slips on wet tiles.'],
  ])('says once what names the trouble, also when %s sentence of the description does', (_, text) => {
    const facts: FactSheet = { ...EMPTY, description: fact(text) };
    const shown = outlineLines(product(facts), with_(product(facts), { angle: 'problem and answer' })).map(
      (l) => l.shown,
    );
    expect(shown.filter((s) => s.includes('slips'))).toHaveLength(1);
    expect(new Set(shown.filter((s) => !s.includes('‹'))).size).toBe(
      shown.filter((s) => !s.includes('‹')).length,
    );
  });

  it('takes the sentence of a review that says something, and the one that the angle needs', () => {
    const text = 'Great! I am 71 and change my bulbs again. It does not wobble at all.';
    const facts: FactSheet = { ...FULL, quotes: [fact({ text, by: 'Ilse M.', rating: null })] };
    const quoted = (angle: Angle) =>
      outlineLines(product(facts), with_(product(facts), { angle })).find((l) => l.layout === 'quote')
        ?.spoken;
    expect(quoted('three reasons')).toBe('I am 71 and change my bulbs again.');
    expect(quoted('problem and answer')).toBe('It does not wobble at all.');
    const torn = { text: 'I wanted to like it. The handle gets hot.', by: '', rating: 2 };
    const review = { ...FULL, quotes: [fact(torn)] };
    expect(
      outlineLines(product(review), with_(product(review), { angle: 'honest review' })).find(
        (l) => l.layout === 'quote',
      )?.spoken,
    ).toBe('The handle gets hot.');
  });

  it.each([
    ['It does not wobble at all.', false],
    ['I was never disappointed.', false],
    ['Beautiful, but heavy.', true],
    ['Not what I hoped for.', true],
    ['It is too small.', true],
  ])('“%s” is against it: %s', (text, against) => expect(CRITICAL.test(text)).toBe(against));

  it('leaves blanks for what the sheet does not say, and invents nothing', () => {
    for (const angle of ANGLES) {
      const lines = outlineLines(product(EMPTY), with_(product(EMPTY), { angle }));
      const open = lines.flatMap((l) => blanks(l.shown));
      expect(open.length).toBeGreaterThanOrEqual(2);
      expect(lines.map((l) => l.shown).join(' ')).not.toMatch(/\d{2,}|best|great|love|amazing/i);
    }
  });

  it('fits a length by leaving out what matters least', () => {
    const choices = with_(source, { angle: 'news', targetMs: 15_000 });
    const lines = outlineLines(source, choices);
    expect(outlineMs(lines)).toBeLessThanOrEqual(17_500);
    expect(lines.some((l) => l.layout === 'figure')).toBe(true);
  });

  it('puts no English words into a sheet of another language', () => {
    const lines = outlineLines(
      product({ ...FULL, quotes: [] }, 'de'),
      with_(source, { angle: 'three reasons' }),
    );
    expect(lines.map((l) => l.shown).join(' ')).not.toMatch(/reason|instead|from \d/i);
  });
});

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
