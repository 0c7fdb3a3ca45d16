import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { applyEdit, type Edit } from './edit.ts';
import { DamagedPiece, migrateHistory, migratePiece } from './migrate.ts';
import type { StoredDoc, StoredEdit } from './migrations/types.ts';
import { fromV1 } from './migrations/v1.ts';
import { picture, piece, scene } from './testing.ts';
import { PIECE_VERSION, type Piece } from './types.ts';

interface Stored {
  first: StoredDoc;
  doc: StoredDoc;
  entries: {
    id: string;
    kind: 'do' | 'undo' | 'redo';
    ref: string | null;
    edit: StoredEdit;
    inverse: StoredEdit;
  }[];
}

/** Pieces with their histories, written by the code of that version (random edits, undone and redone in between). */
const stored = (version: number): Stored =>
  JSON.parse(readFileSync(new URL(`fixtures/stored-v${version}.json`, import.meta.url), 'utf8'));

/** Version 2 was only ever written over pieces of version 1. */
const asV2 = ({ first, doc, entries }: Stored): Stored => ({
  first: fromV1.doc(first),
  doc: fromV1.doc(doc),
  entries,
});

const done = (p: Piece, edit: Edit): Piece => {
  const r = applyEdit(p, edit);
  if (!r.ok) throw new Error(JSON.stringify(r.failure));
  return r.piece;
};

describe('stored pieces of every version', () => {
  it.each([
    ['1', stored(1)],
    ['2', asV2(stored(1))],
    ['3', stored(3)],
    ['4', stored(4)],
    ['5', stored(5)],
    ['6', stored(6)],
    ['7', stored(7)],
    ['8', stored(8)],
    ['9', stored(9)],
    ['10', stored(10)],
  ])(
    'version %s: opened, undone to the beginning and redone to the end',
    (version, { first, doc, entries }) => {
      expect(doc.version).toBe(Number(version));
      const now = migrateHistory(doc, entries);
      expect(now.entries).not.toContain(null);
      let p = now.piece;
      const after = [p];
      for (const e of now.entries.toReversed()) {
        p = done(p, (e as { inverse: Edit }).inverse);
        after.unshift(p);
      }
      expect(p).toEqual(migratePiece(first));
      now.entries.forEach((e, i) => {
        p = done(p, (e as { edit: Edit }).edit);
        expect(p).toEqual(after[i + 1]);
      });
      expect(p).toEqual(now.piece);
    },
  );

  it('keep every picture, in its place, with why it was chosen as codes', () => {
    const { doc, entries } = stored(3);
    const old = (doc.scenes as { picture: { assetId: string } | null; more: { assetId: string }[] }[]).map(
      (s) => [s.picture, ...s.more].flatMap((p) => (p ? [p.assetId] : [])),
    );
    const { piece: p } = migrateHistory(doc, entries);
    expect(p.scenes.map((s) => s.pictures.map((x) => x.assetId))).toEqual(old);
    const nabbed = migratePiece(stored(1).first).scenes[0]?.pictures[0];
    expect(nabbed?.reasons).toEqual([
      { code: 'word', word: 'boat' },
      { code: 'meaning', close: expect.any(Number) },
    ]);
    expect(nabbed?.alternatives).toEqual([{ assetId: 'boat2', reasons: [{ code: 'meaning', close: 0.41 }] }]);
  });

  it('no music is no bed; music is one bed over the whole', () => {
    const { first } = stored(3);
    const music = (mood: string) => migratePiece({ ...first, music: { mood, seed: 7, gainDb: -3 } }).beds;
    expect(music('none')).toEqual([]);
    expect(music('drive')).toMatchObject([
      { startMs: 0, endMs: null, gainDb: -3, source: { kind: 'composed', mood: 'drive', seed: 7 } },
    ]);
  });
});

describe('a document', () => {
  it('of this version is read as it is', () => {
    const now = piece([scene('a', 'A line.', { pictures: [picture('p1')] })]);
    expect(migratePiece(JSON.parse(JSON.stringify(now)))).toEqual(now);
  });

  it.each([
    ['no-document', null],
    ['no-document', 'text'],
    ['newer', { ...piece(), version: PIECE_VERSION + 1 }],
    ['invalid', { ...piece(), format: '18:32' }],
    ['invalid', { ...piece(), scenes: [{ ...scene('a'), brief: 'x'.repeat(301) }] }],
  ])('that cannot be read says why: %s', (reason, doc) => {
    try {
      migratePiece(doc);
      expect.unreachable();
    } catch (e) {
      expect(e).toBeInstanceOf(DamagedPiece);
      expect((e as DamagedPiece).reason).toBe(reason);
    }
  });

  it('an entry of the history that cannot be read does not keep the rest from being undone', () => {
    const { doc, entries } = stored(3);
    const broken = entries.with(3, {
      ...(entries[3] as Stored['entries'][number]),
      edit: { ops: [{ op: 'gone' }] },
    });
    const read = migrateHistory(doc, broken);
    expect(read.entries[3]).toBeNull();
    expect(read.entries.filter((e) => e === null)).toHaveLength(1);
  });
});
