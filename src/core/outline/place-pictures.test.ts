import { describe, expect, it } from 'vitest';
import type { Layout } from '../look/layouts.ts';
import { emptySource, type Passage, type Source, type SourcePicture } from '../source/types.ts';
import { firstChoices } from './outline.ts';
import { placePictures } from './place-pictures.ts';
import { type OutlineChoices, type OutlineLine, outlineLine } from './types.ts';

const picture = (id: string, after: string | null, more: Partial<SourcePicture> = {}): SourcePicture => ({
  ...{ id, after, address: null, assetId: id, alt: '', caption: '', problem: null },
  ...more,
});
const passages = ['a', 'b', 'c', 'd', 'e', 'f'].map(
  (id): Passage => ({ id, kind: 'text', level: 0, sentences: [{ id: `${id}.0`, text: id }] }),
);
const line = (ref: string, more: Partial<OutlineLine> = {}) =>
  outlineLine({ ref, layout: 'caption', shown: ref, from: ref, ...more });

/** Which picture each line gets. */
function given(
  pictures: SourcePicture[],
  lines: OutlineLine[],
  { kind = 'article', ...more }: Partial<OutlineChoices> & { kind?: Source['kind'] } = {},
) {
  const source: Source = { ...emptySource(kind, { kind: 'page' }), passages, pictures };
  const out = placePictures(lines, source, { ...firstChoices(source), ...more });
  return Object.fromEntries(out.flatMap((l) => (l.picture ? [[l.ref, l.picture]] : [])));
}

describe('pictures of an article', () => {
  it('stand with the line that is nearest, the earlier of two as near, each once', () => {
    expect(
      given(
        [picture('x', 'b')],
        ['a.0', 'b.0', 'c.0'].map((r) => line(r)),
      ),
    ).toEqual({ 'b.0': 'x' });
    expect(
      given(
        [picture('x', 'b')],
        ['c.0', 'a.0'].map((r) => line(r)),
      ),
    ).toEqual({ 'c.0': 'x' });
    expect(
      given(
        [picture('x', null)],
        ['b.0', 'a.0'].map((r) => line(r)),
      ),
    ).toEqual({ 'a.0': 'x' });
    expect(
      given(
        [picture('x', 'a'), picture('y', 'a')],
        ['a.0', 'b.0'].map((r) => line(r)),
      ),
    ).toEqual({
      'a.0': 'x',
      'b.0': 'y',
    });
  });

  it('reach two passages and a half, and no further', () => {
    expect(given([picture('x', 'a')], [line('d.0')])).toEqual({ 'd.0': 'x' });
    expect(given([picture('x', 'a')], [line('e.0')])).toEqual({});
    expect(given([picture('x', 'e')], [line('c.0')])).toEqual({ 'c.0': 'x' });
    expect(given([picture('x', 'f')], [line('c.0')])).toEqual({});
  });

  it('are not given to cards, to photos, nor where the writer wants none or another', () => {
    const x = picture('x', 'a');
    expect(given([x], [line('a.0', { layout: 'end' })])).toEqual({});
    expect(given([x], [line('a.0', { assetId: 'own' })])).toEqual({});
    expect(given([x], [line('closing')])).toEqual({});
    expect(given([x], [line('a.0'), line('b.0')], { pictures: { 'a.0': null } })).toEqual({ 'b.0': 'x' });
    expect(given([x, picture('y', 'f')], [line('a.0')], { pictures: { 'a.0': 'y' } })).toEqual({
      'a.0': 'y',
    });
    expect(given([x], [line('a.0'), line('f.0')], { pictures: { 'f.0': 'x' } })).toEqual({ 'f.0': 'x' });
  });

  it('that could not be fetched or were left out are nowhere', () => {
    expect(given([picture('x', 'a', { problem: { code: 'no-picture' } })], [line('a.0')])).toEqual({});
    expect(given([picture('x', 'a')], [line('a.0')], { leavePictures: ['x'] })).toEqual({});
  });
});

describe('pictures of a product', () => {
  const at = (ref: string, layout: Layout) => line(ref, { layout });
  const lines = [
    at('news:hook', 'title'),
    at('news:maker', 'caption'),
    at('news:feature:0', 'number'),
    at('news:quote:0', 'quote'),
    at('news:price', 'figure'),
    at('news:end', 'end'),
  ];

  it('go to the price first, then to what is told, never to the opening, a quotation or the card', () => {
    const shots = ['p', 'q', 'r', 's', 't'].map((id) => picture(id, null));
    expect(given(shots.slice(0, 1), lines, { kind: 'product' })).toEqual({ 'news:price': 'p' });
    expect(given(shots, lines, { kind: 'product' })).toEqual({
      'news:price': 'p',
      'news:maker': 'q',
      'news:feature:0': 'r',
    });
  });

  it('stay where the writer put them', () => {
    const shots = ['p', 'q'].map((id) => picture(id, null));
    expect(given(shots, lines, { kind: 'product', pictures: { 'news:hook': 'p' } })).toEqual({
      'news:hook': 'p',
      'news:price': 'q',
    });
  });
});
