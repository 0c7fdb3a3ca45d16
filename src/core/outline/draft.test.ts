import { describe, expect, it } from 'vitest';
import { Failed } from '../failure.ts';
import { emptySource, type Source } from '../source/types.ts';
import { cutScript } from '../text/script.ts';
import { annotate } from './condense/condense.ts';
import { draftFromLines, draftFromPictures, draftPiece } from './draft.ts';
import { draftFromOutline } from './from-outline.ts';
import { outlineMs } from './length.ts';
import { migrateChoices } from './migrate.ts';
import { firstChoices, outlineLines } from './outline.ts';
import { outlineLine } from './types.ts';

const OPTIONS = { format: '4:5', voice: 'maud', mood: 'gentle' } as const;
const ids = () => {
  let n = 0;
  return () => `n${n++}`;
};

describe('a draft', () => {
  it('has its format, its voice, and music under the whole where there is to be some', () => {
    const piece = draftPiece(OPTIONS);
    expect(piece).toMatchObject({ format: '4:5', voice: { name: 'maud' }, scenes: [] });
    expect(piece.beds).toMatchObject([
      { id: 'music', source: { kind: 'composed', mood: 'gentle', seed: 1 } },
    ]);
    expect(draftPiece({ ...OPTIONS, mood: 'suited' }).beds).toEqual(piece.beds);
    expect(draftPiece({ ...OPTIONS, mood: null }).beds).toEqual([]);
  });

  it('of a script has a scene for each line, which knows where it stood', () => {
    const lines = cutScript('Bread at dawn\n\nThe baker kneads.\nThe oven glows.', 'line');
    const piece = draftFromLines(lines, OPTIONS, ids());
    expect(piece).toMatchObject({
      title: 'Bread at dawn',
      source: { id: null, kind: 'script', title: 'Bread at dawn' },
    });
    expect(piece.scenes.map((s) => [s.id, s.layout, s.shown, s.from, s.pictures])).toEqual([
      ['n0', 'title', 'Bread at dawn', { ref: 'line:0', text: 'Bread at dawn' }, []],
      ['n1', 'caption', 'The baker kneads.', { ref: 'line:1', text: 'The baker kneads.' }, []],
      ['n2', 'caption', 'The oven glows.', { ref: 'line:2', text: 'The oven glows.' }, []],
    ]);
    expect(draftFromLines(lines, { ...OPTIONS, title: ' My bread ' }, ids()).title).toBe('My bread');
    expect(draftFromLines(lines, { ...OPTIONS, title: '  ' }, ids()).title).toBe('Bread at dawn');
  });

  it('of pictures has a silent scene for each, as long as was said', () => {
    const piece = draftFromPictures(
      [
        { assetId: 'x', ms: 1500 },
        { assetId: 'y', ms: 2500 },
      ],
      OPTIONS,
      ids(),
    );
    expect(piece.title).toBe('Pictures');
    expect(piece.scenes).toMatchObject([
      {
        layout: 'plain',
        spoken: '',
        durationMs: 1500,
        pictures: [{ assetId: 'x', by: 'source', reasons: [{ code: 'brought' }] }],
      },
      { layout: 'plain', spoken: '', durationMs: 2500, pictures: [{ assetId: 'y', by: 'source' }] },
    ]);
    expect(draftFromPictures([], { ...OPTIONS, title: ' Shore ' }, ids()).title).toBe('Shore');
  });
});

describe('a draft of an outline', () => {
  const source: Source = {
    ...emptySource('article', { kind: 'page' }),
    title: 'T'.repeat(600),
    pictures: [
      {
        id: 'i',
        assetId: 'kept',
        address: null,
        alt: '',
        caption: 'c'.repeat(300),
        after: null,
        problem: null,
      },
      { id: 'j', assetId: null, address: null, alt: '', caption: '', after: null, problem: null },
    ],
  };
  const line = (ref: string, more = {}) =>
    outlineLine({ ref, layout: 'caption', shown: `Line ${ref} tells something.`, from: ref, ...more });
  const drafted = (lines: ReturnType<typeof line>[], targetMs: number | null = null, of = source) =>
    draftFromOutline(of, { ...firstChoices(of), targetMs }, lines, { ...OPTIONS, sourceId: 's' }, ids());

  it('takes what was chosen, as long as can be kept', () => {
    const piece = drafted([
      line('a', { picture: 'i', spoken: 'Said.' }),
      line('b', { picture: 'j' }),
      line('c', { picture: 'gone', from: '', durationMs: 2600 }),
      line('d', { assetId: 'photo', from: 'f'.repeat(6000) }),
    ]);
    expect([piece.title.length, piece.source?.title.length, piece.source?.id]).toEqual([200, 500, 's']);
    expect(piece.scenes.map((s) => s.pictures.map((p) => [p.assetId, p.by, p.reasons[0]]))).toEqual([
      [['kept', 'source', { code: 'in-source', caption: 'c'.repeat(200) }]],
      [],
      [],
      [['photo', 'source', { code: 'photo' }]],
    ]);
    expect(piece.scenes.map((s) => [s.spoken, s.durationMs, s.from?.text.length ?? null])).toEqual([
      ['Said.', null, 1],
      [null, null, 1],
      [null, 2600, null],
      [null, null, 5000],
    ]);
  });

  it('is called by what was typed, else by its source, else by its first words', () => {
    const called = (title: string, of: Source) =>
      draftFromOutline(of, firstChoices(of), [line('a')], { ...OPTIONS, title, sourceId: null }, ids()).title;
    expect(called(' Mine ', source)).toBe('Mine');
    expect(called(' ', { ...source, title: 'Its own' })).toBe('Its own');
    expect(called('', { ...source, title: '' })).toBe('Line a tells something.');
    expect(drafted([], null, { ...source, title: '' }).title).toBe('');
  });

  it('misses no length that its source cannot fill', () => {
    const lines = [line('a'), line('b')];
    const ms = outlineMs(lines);
    const wished = (targetMs: number) => drafted(lines, targetMs).targetMs;
    expect(wished(Math.floor(ms / 0.9))).toBe(Math.floor(ms / 0.9));
    expect(wished(Math.ceil(ms / 0.9) + 1)).toBeNull();
    const photos = { ...source, kind: 'photos' } as const;
    expect(drafted(lines, 1000, photos).targetMs).toBeNull();
  });
});

describe('what was chosen on an outline', () => {
  const choices = firstChoices(emptySource('article', { kind: 'page' }));

  it('is read as it was stored, also when it is older', () => {
    expect(migrateChoices(choices)).toEqual(choices);
    const { version: _, chapters: __, ...old } = choices;
    expect(migrateChoices(old)).toEqual(choices);
  });

  it.each([
    ['nothing', null, 'no choices'],
    ['no object', 'x', 'no choices'],
    ['one from later', { ...choices, version: 99 }, 'choices of a newer Nabbet (version 99)'],
    ['a broken one', { ...choices, speak: 'shout' }, '"speak" must be one of [line, sentence]'],
  ])('%s is said to be damaged', (_, stored, detail) => {
    expect(() => migrateChoices(stored)).toThrow(Failed);
    try {
      migrateChoices(stored);
    } catch (e) {
      expect((e as Failed).failure).toEqual({ code: 'damaged-source', detail });
    }
  });

  it('begins with what suits the kind', () => {
    const of = (kind: Source['kind']) => {
      const { targetMs, closing, photos } = firstChoices({
        ...emptySource(kind, { kind: 'page' }),
        title: 'T',
      });
      return [targetMs, closing, photos.first];
    };
    expect([of('article'), of('product'), of('photos'), of('script')]).toEqual([
      [45_000, true, 'T'],
      [null, true, 'T'],
      [null, true, 'T'],
      [null, false, 'T'],
    ]);
  });
});

describe('the card at the end of an article', () => {
  const ended = (more: Partial<Source>, closing = true) => {
    const source: Source = {
      ...emptySource('article', { kind: 'page' }),
      title: 'Why the street stayed dry',
      passages: [
        {
          id: 'p',
          kind: 'text',
          level: 0,
          sentences: [{ id: 'p.0', text: 'Rain fell for three hours on Tuesday.' }],
        },
      ],
      ...more,
    };
    source.sentences = annotate(source);
    return outlineLines(source, { ...firstChoices(source), closing }).filter((l) => l.layout === 'end');
  };

  it('names it, and where it stood or who wrote it', () => {
    expect(ended({ site: 'The Courier', author: 'W. Tarrow' })).toMatchObject([
      {
        ref: 'closing',
        shown: 'Why the street stayed dry\nThe Courier',
        spoken: '',
        from: 'Why the street stayed dry · The Courier',
      },
    ]);
    expect(ended({ author: 'W. Tarrow' })[0]?.shown).toBe('Why the street stayed dry\nW. Tarrow');
    expect(ended({})[0]).toMatchObject({
      shown: 'Why the street stayed dry',
      from: 'Why the street stayed dry',
    });
    expect(ended({ title: '' })).toEqual([]);
    expect(ended({}, false)).toEqual([]);
  });

  it('shortens a long title at a word', () => {
    const title =
      'Why the old market street beside the river stayed dry in the long rain of last October, and what it cost';
    const [card] = ended({ title });
    expect(card?.shown).toMatch(/ …$/);
    expect(title.startsWith(`${card?.shown.slice(0, -2)} `)).toBe(true);
    expect(card?.from).toBe(title);
  });
});
