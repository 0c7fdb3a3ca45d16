import { expect, it } from 'vitest';
import { emptyScene } from '../../core/piece/types.ts';
import type { Mark } from '../../core/proof/proof.ts';
import { Marks } from './marks.ts';

const blank = (sceneId: string, hint = 'price'): Mark => ({
  ...{ check: 'blank', weight: 'stop', pass: 'words', repair: null, waived: null },
  ...{ sceneId, hint, start: 0, end: 7 },
});

it('marks are told when they change, and those of other scenes stay the same objects', () => {
  const marks = new Marks();
  let told = 0;
  const stop = marks.subscribe(() => told++);
  marks.set([blank('a'), blank('b')], []);
  const ofA = marks.of('a');
  marks.set([blank('a'), blank('b')], []);
  expect(told).toBe(1);
  marks.set([blank('a'), blank('b', 'place')], []);
  expect(told).toBe(2);
  expect(marks.of('a')).toBe(ofA);
  expect(marks.of('b')).toEqual([blank('b', 'place')]);
  expect(marks.list).toHaveLength(2);
  stop();
  marks.set([], []);
  expect([told, marks.of('a')]).toEqual([2, []]);
});

it('a repair fits only the row as it was looked at', () => {
  const marks = new Marks();
  const [a, b] = [emptyScene('a'), emptyScene('b')];
  expect(marks.fits(a)).toBe(false);
  marks.set([blank('a')], [a, b]);
  expect([marks.fits(a), marks.fits(b), marks.fits(undefined)]).toEqual([true, true, false]);
  // Also where what is found is the same again.
  const typed = { ...a, shown: 'Typed since.' };
  expect(marks.fits(typed)).toBe(false);
  marks.set([blank('a')], [typed, b]);
  expect([marks.fits(typed), marks.fits(a)]).toEqual([true, false]);
});
