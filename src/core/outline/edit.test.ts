import { describe, expect, it } from 'vitest';
import { seeded } from '../hash.ts';
import { emptyFacts, emptySource } from '../source/types.ts';
import {
  applyOutlineEdit,
  changesBetween,
  type OutlineDoc,
  type OutlineEdit,
  type OutlineOp,
  outlineEditing,
  outlineEditSchema,
} from './edit.ts';
import { firstChoices } from './outline.ts';
import { choicesSchema, LINES_BY_HAND } from './schema.ts';

const first = (): OutlineDoc => ({
  choices: firstChoices({ ...emptySource('product', { kind: 'page' }), title: 'A lamp' }),
  options: { format: '9:16', voice: 'maud', mood: 'gentle' },
  facts: emptyFacts(),
});
const edit = (ops: OutlineOp[], merge: string | null = null): OutlineEdit => ({ name: 'choose', merge, ops });
/** A document after what is thought to work. */
function done(doc: OutlineDoc, e: OutlineEdit): { doc: OutlineDoc; inverse: OutlineEdit } {
  const r = applyOutlineEdit(doc, e);
  if (!r.ok) throw new Error(JSON.stringify(r.failure));
  return r;
}
const failure = (doc: OutlineDoc, op: OutlineOp) => {
  const r = applyOutlineEdit(doc, edit([op]));
  return r.ok ? null : r.failure.reason;
};
const REFS = ['p1.1', 'p1.2', 'p2.1', 'constructor', 'p3.1'];
const pick = <T>(list: readonly T[], random: () => number): T =>
  list[Math.floor(random() * list.length)] as T;
const some = (random: () => number) => REFS.filter(() => random() < 0.5).sort(() => random() - 0.5);

/** Another state in which much may differ. */
function another(doc: OutlineDoc, random: () => number): OutlineDoc {
  const value = `Word ${Math.floor(random() * 9)}`;
  return {
    choices: {
      ...doc.choices,
      targetMs: random() < 0.3 ? null : 3000 + Math.floor(random() * 4) * 1000,
      keep: some(random),
      drop: random() < 0.5 ? doc.choices.drop : some(random),
      chapters: some(random),
      edits: Object.fromEntries(some(random).map((ref) => [ref, { shown: value }])),
      pictures: Object.fromEntries(some(random).map((ref) => [ref, random() < 0.5 ? null : 'i1'])),
      photos: { ...doc.choices.photos, order: random() < 0.5 ? null : some(random), first: value },
    },
    options: { ...doc.options, mood: pick(['gentle', 'bright', null] as const, random) },
    facts: { ...emptyFacts(), [pick(['name', 'maker'], random)]: { value, origin: 'writer' } },
  };
}

describe('edits of an outline', () => {
  it.each(['a', 'b', 'c', 'd', 'e', 'f'])('lead from any state to any other and back, seed %s', (seed) => {
    const random = seeded(seed);
    let doc = first();
    for (let i = 0; i < 60; i++) {
      const next = another(doc, random);
      const ops = changesBetween(doc, next);
      const e = JSON.parse(JSON.stringify(edit(ops))) as OutlineEdit;
      expect(outlineEditSchema.validate(e).error).toBeUndefined();
      const { doc: now, inverse } = done(doc, e);
      expect(now).toEqual(next);
      expect(choicesSchema.validate(now.choices).error).toBeUndefined();
      expect(done(now, JSON.parse(JSON.stringify(inverse))).doc).toEqual(doc);
      expect(changesBetween(now, now)).toEqual([]);
      doc = now;
    }
  });

  it('that change different places stand beside each other, whoever comes first', () => {
    const doc = first();
    const mine = edit(
      changesBetween(doc, { ...doc, choices: { ...doc.choices, keep: ['p1.1'], targetMs: 20_000 } }),
    );
    const theirs = edit(
      changesBetween(doc, {
        ...doc,
        choices: { ...doc.choices, keep: ['p2.1'], edits: { 'p2.1': { shown: 'Theirs.' } } },
        options: { ...doc.options, format: '1:1' },
      }),
    );
    const one = done(done(doc, mine).doc, theirs).doc;
    const two = done(done(doc, theirs).doc, mine).doc;
    expect([...one.choices.keep].sort()).toEqual(['p1.1', 'p2.1']);
    expect({ ...one, choices: { ...one.choices, keep: [] } }).toEqual({
      ...two,
      choices: { ...two.choices, keep: [] },
    });
    expect(one.choices.targetMs).toBe(20_000);
    expect(one.options.format).toBe('1:1');
  });

  it.each<[string, OutlineOp, string]>([
    ['a value that its place does not take', { room: 'choices', key: 'targetMs', value: 7 }, 'invalid'],
    ['no value where there has to be one', { room: 'choices', key: 'speak' }, 'invalid'],
    ['a field that there is not', { room: 'photos', key: 'constructor', value: 1 }, 'invalid'],
    ['a version by hand', { room: 'choices', key: 'version', value: 7 }, 'invalid'],
    ['a whole list as a field', { room: 'choices', key: 'keep', value: ['p1'] }, 'invalid'],
    ['an index that is none', { room: 'keep', key: 'p1.1', value: -1 }, 'invalid'],
    ['a line that is too long', { room: 'edits', key: 'p1', value: { shown: 'x'.repeat(5001) } }, 'invalid'],
    ['a fact of another form', { room: 'facts', key: 'name', value: 'A lamp' }, 'invalid'],
  ])('are refused for %s', (_, op, reason) => {
    expect(failure(first(), op)).toBe(reason);
  });

  it('are refused where there is no room', () => {
    expect(failure({ ...first(), facts: null }, { room: 'facts', key: 'name', value: null })).toBe('gone');
    const doc = first();
    doc.choices.edits = Object.fromEntries(
      Array.from({ length: LINES_BY_HAND }, (_, i) => [`p${i}`, { shown: 'x' }]),
    );
    expect(failure(doc, { room: 'edits', key: 'p7', value: { shown: 'y' } })).toBe(null);
    expect(failure(doc, { room: 'edits', key: 'more', value: { shown: 'y' } })).toBe('full');
  });

  it('leave the document they were given as it was', () => {
    const doc = Object.freeze(first());
    const before = structuredClone(doc);
    done(doc, edit([{ room: 'keep', key: 'p1.1', value: 0 }]));
    expect(doc).toEqual(before);
  });

  it('that flow are one step when they change the same places under one key', () => {
    const type = (shown: string, key = 'p1', merge: string | null = 'shown/p1') =>
      edit([{ room: 'edits', key, value: { shown } }], merge);
    expect(outlineEditing.merge(type('a'), type('ab'))).toEqual(type('ab'));
    expect(outlineEditing.merge(type('a'), type('ab', 'p2'))).toBeNull();
    expect(outlineEditing.merge(type('a'), type('ab', 'p1', 'other'))).toBeNull();
    expect(outlineEditing.merge(type('a', 'p1', null), type('ab', 'p1', null))).toBeNull();
  });

  it('tell the words that they would have put in, and nothing that was only chosen', () => {
    expect(
      outlineEditing.words(
        edit([
          { room: 'edits', key: 'p1', value: { shown: 'Shown.', spoken: 'Said.', layout: 'title' } },
          { room: 'photos', key: 'first', value: 'On the first photo' },
          { room: 'photos', key: 'length', value: 'each' },
          { room: 'facts', key: 'name', value: { value: 'A lamp', origin: 'writer' } },
          { room: 'facts', key: 'features', value: [{ value: 'Folds flat', origin: 'writer' }] },
          { room: 'keep', key: 'p1.1', value: 0 },
          { room: 'edits', key: 'p2' },
        ]),
      ),
    ).toEqual(['Shown.', 'Said.', 'On the first photo', 'A lamp', 'Folds flat']);
  });
});
