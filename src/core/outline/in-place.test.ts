import { describe, expect, it } from 'vitest';
import { emptySource, type Passage, type Source, type SourcePicture } from '../source/types.ts';
import { articleInPlace } from './in-place.ts';
import { firstChoices } from './outline.ts';
import { outlineLine } from './types.ts';

const passage = (id: string, ...texts: string[]): Passage => ({
  ...{ id, kind: 'text', level: 0 },
  sentences: texts.map((text, i) => ({ id: `${id}.${i}`, text })),
});
const picture = (id: string, after: string | null): SourcePicture => ({
  ...{ id, after, address: null, assetId: id, alt: '', caption: '', problem: null },
});
const SOURCE: Source = {
  ...emptySource('article', { kind: 'page' }),
  passages: [passage('a', 'One two.', 'Three four five.'), passage('b', 'Six.', 'Seven.', 'Eight nine.')],
  pictures: [picture('first', null), picture('mid', 'a'), picture('used', 'b')],
};
const line = (ref: string, picture: string | null = null) =>
  outlineLine({ ref, layout: 'caption', shown: ref, from: ref, picture });
const told = (refs: string[], pictures: Record<string, string> = {}) =>
  articleInPlace(
    SOURCE,
    firstChoices(SOURCE),
    refs.map((r) => line(r, pictures[r] ?? null)),
  ).map((p) =>
    p.kind === 'scene' ? `${p.index}:${p.line.ref}` : `(${p.sentences} ${p.words} ${p.pictures})`,
  );

describe('the article in place', () => {
  it('has scenes where their sentences stand, and between them how much is left out', () => {
    expect(told(['a.1', 'b.1'], { 'a.1': 'used' })).toEqual([
      '(1 2 1)',
      '0:a.1',
      '(1 1 1)',
      '1:b.1',
      '(1 2 0)',
    ]);
  });

  it('is one stretch when nothing is taken, and nothing but scenes when all is', () => {
    expect(told([])).toEqual(['(5 9 3)']);
    const all = ['a.0', 'a.1', 'b.0', 'b.1', 'b.2'];
    expect(told(all, { 'a.0': 'first', 'a.1': 'mid', 'b.0': 'used' })).toEqual(
      all.map((r, i) => `${i}:${r}`),
    );
  });

  it('puts what is told before its place first, and a closing card last', () => {
    expect(told(['b.1', 'a.0', 'closing'])).toEqual(['0:b.1', '(0 0 1)', '1:a.0', '(4 7 2)', '2:closing']);
  });

  it('keeps the name of a stretch while what is before it changes', () => {
    const ids = (refs: string[]) =>
      articleInPlace(
        SOURCE,
        firstChoices(SOURCE),
        refs.map((r) => line(r)),
      ).flatMap((p) => (p.kind === 'left' ? [p.id] : []));
    expect(ids(['a.1', 'b.1']).at(-1)).toBe(ids(['b.1']).at(-1));
  });
});
