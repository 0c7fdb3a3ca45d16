import { describe, expect, it } from 'vitest';
import type { Failure, FailureCode } from '../core/failure.ts';
import { pieceEditing, sceneEdit } from '../core/piece/edit.ts';
import { scene } from '../core/piece/testing.ts';
import { LINE_REASONS } from '../core/source/reasons.ts';
import { LEFT_OUT, SOURCE_FORMS } from '../core/source/types.ts';
import { STATUS } from '../server/http/status.ts';
import { asideWhy, editFailureWords, editWords } from './edits.ts';
import { failureWords } from './failures.ts';
import { reasonWords } from './pictures.ts';
import { formWords, LEFT_OUT_WORDS, lineReasonWords, noteWords } from './sources.ts';
import { euros, libraryWords } from './stock.ts';

/** Values for everything that a failure may say. */
const VALUES = {
  ...{ what: 'file', most: 3_000_000, detail: 'The detail.', scenes: 300, from: 'script', letters: 900_000 },
  ...{ text: 'x y', scheme: 'ftp:', host: 'paper.example', status: 403, type: 'video/mp4' },
  ...{
    readable: ['Word (.docx)', 'PDF'],
    bytes: 90_000_000,
    width: 10,
    height: 20,
    least: 200,
    minutes: 190,
    free: 5_000_000,
  },
  ...{ name: 'nobody', voices: ['Maud', 'Otto'], reason: 'invalid', why: 'json' },
  ...{ library: 'The shop', state: 'limited', waitS: 30, fromCents: 350, toCents: 400 },
};
const codes = Object.keys(STATUS) as FailureCode[];

describe('libraries', () => {
  it('are said with what to do: slow, failing, asking for patience; one that answered says nothing', () => {
    expect(libraryWords('The shop', 'answered')).toBe('');
    for (const state of ['slow', 'failed', 'limited'] as const)
      expect(libraryWords('The shop', state, 7)).toMatch(/^The shop .*\.$/);
    expect(libraryWords('The shop', 'limited', 7)).toContain('7 s');
    expect([0, 350, 120_000].map(euros)).toEqual(['free', '€3.50', '€1200.00']);
  });
});

describe('failures', () => {
  it.each(codes)('%s is said in whole sentences, with nothing left open', (code) => {
    const words = failureWords({ code, ...VALUES } as Failure);
    expect(words).not.toMatch(/undefined|NaN|\[object|null/);
    if (code !== 'bad-request') expect(words).toMatch(/^([“A-Z0-9]|paper\.example).*[.!?]\)?$/s);
    expect(STATUS[code]).toBeGreaterThanOrEqual(400);
  });

  it('of a voice that is not here say which kind it is, and no name that nobody typed', () => {
    const said = (name: string) => failureWords({ code: 'no-voice', name, voices: ['Maud'] });
    expect(said('nobody')).toContain('“nobody”');
    expect(said('own:en:0123456789ab')).toMatch(/^This voice of your own is not on this machine\./);
    expect(said('served:de:osier.edda')).toMatch(/^The service that speaks this voice/);
  });

  it('say figures as people do', () => {
    expect(failureWords({ code: 'huge', most: 25_000_000 })).toContain('25 MB');
    expect(failureWords({ code: 'file-kind', readable: ['A', 'B', 'C'] })).toContain('A, B and C can');
    expect(failureWords({ code: 'script-too-long', letters: 612_345, most: 500_000 })).toMatch(
      /612 thousand.*500 thousand/,
    );
    expect(failureWords({ code: 'too-many-scenes', scenes: 900, most: 500, from: 'outline' })).toContain(
      'shorter length',
    );
  });
});

describe('edits', () => {
  it('are called by what they do, with how many where there are several', () => {
    expect(editWords({ name: 'move' })).toBe('Move scene');
    expect(editWords({ name: 'move', count: 1 })).toBe('Move scene');
    expect(editWords({ name: 'delete', count: 3 })).toBe('Delete 3 scenes');
    expect(editWords({ name: 'replace', count: 2 })).toBe('Replace 2 times');
    expect(editWords({ name: 'of a newer version' })).toBe('Change');
  });

  it('that were set aside are named with their reason and every word that would be lost', () => {
    const insert = {
      name: 'insert',
      merge: null,
      ops: [{ op: 'insert' as const, at: 0, scene: scene('n', 'A new line.') }],
    };
    expect(pieceEditing.words(sceneEdit('type', 'a', { shown: 'One.', spoken: 'Two.' }))).toEqual([
      'One.',
      'Two.',
    ]);
    expect(pieceEditing.words(insert)).toEqual(['A new line.']);
    expect(pieceEditing.words({ name: 'delete', merge: null, ops: [{ op: 'remove', id: 'a' }] })).toEqual([]);
    expect(asideWhy(null)).toMatch(/not there any more/);
    expect(asideWhy('The server says no.')).toBe('The server says no.');
  });

  it('that cannot be applied say why', () => {
    for (const f of [
      { reason: 'gone' },
      { reason: 'twice' },
      { reason: 'full', most: 500 },
      { reason: 'invalid', message: 'It is wrong.' },
    ] as const)
      expect(editFailureWords(f)).toMatch(/^[A-Z].*\.$/);
    expect(editFailureWords({ reason: 'full', most: 500 })).toContain('500');
  });
});

describe('sources', () => {
  it('have words for every form, reason, part that was left out, and note', () => {
    for (const kind of SOURCE_FORMS) expect(formWords({ kind, text: 'Told' }).length).toBeGreaterThan(2);
    expect(formWords({ kind: 'pdf', count: 1 })).toBe('PDF, 1 page');
    expect(formWords({ kind: 'book', count: 12 })).toBe('Book, 12 chapters');
    expect(formWords({ kind: 'photos', count: 30 })).toBe('30 photos');
    for (const code of LINE_REASONS) expect(lineReasonWords([{ code }]).length).toBeGreaterThan(2);
    expect(
      lineReasonWords([
        { code: 'taken', at: '2026-11-19T18:02:11' },
        { code: 'told', text: 'so' },
      ]),
    ).toBe('taken 2026-11-19 18:02, so');
    for (const why of LEFT_OUT) expect(LEFT_OUT_WORDS[why].length).toBeGreaterThan(2);
    expect(noteWords({ code: 'pages-read', read: 60, of: 200 })).toBe(
      'Only the first 60 of 200 pages were read.',
    );
    expect(noteWords({ code: 'unreadable', name: 'x.jpg', failure: { code: 'picture-damaged' } })).toMatch(
      /^x\.jpg: /,
    );
    for (const code of ['no-price', 'no-features'] as const) expect(noteWords({ code })).toMatch(/\.$/);
  });
});

describe('pictures', () => {
  it('say why they are there', () => {
    expect(
      reasonWords([
        { code: 'word', word: 'canal' },
        { code: 'near-word', word: 'ship', tag: 'boat' },
        { code: 'meaning', close: 0.456 },
      ]),
    ).toBe('“canal” is in it · “ship” is close to “boat” · meaning 46 %');
    expect(reasonWords([{ code: 'in-source', caption: 'The yard' }])).toBe('from the source: The yard');
    expect(reasonWords([{ code: 'in-source', caption: '' }, { code: 'photo' }, { code: 'was-here' }])).toBe(
      'from the source · one of your photos · used here before',
    );
    expect(
      reasonWords([
        { code: 'like', close: 1 },
        { code: 'told', text: 'told so' },
      ]),
    ).toBe('100 % like it · told so');
  });
});
